@php
    $first = $moves[0] ?? null;
    $verbs = [
        'plan' => 'Plan',
        'approve' => 'Approve',
        'start' => 'Start the work',
        'hold' => 'Put on hold',
        'resume' => 'Go on',
        'finish' => 'Finish',
        'close' => 'Review and close',
        'reopen' => 'Reopen',
        'cancel' => 'Cancel the order',
    ];
    $booked = $order->bookings->whereNull('struck_at');
    $ticked = $order->steps->whereNotNull('ticked_at')->count();
    $by = url("/orders/{$order->id}");
    $may = fn(string $move) => in_array($move, array_map(fn($m) => $m->value, $moves), true);
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/orders">‹ All work · </a>{{ $site->name }}
            @foreach ($crumbs as $crumb)
                @php
                    $kindWords = $crumb['kind'] === 'place' ? 'places' : 'assets';
                @endphp
                › <a href="/{{ $kindWords }}/{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
            @endforeach › <a
                href="/assets/{{ $order->asset_id }}">{{ $order->asset->name }}</a>
        </div>
        <h2>{{ $order->title }} <span class="tag">{{ $order->label() }}</span></h2>
        <div class="meta"><x-state :state="$order->state" :hold="$order->hold_reason" /><x-priority
                :priority="$order->priority" /><span>type
                <b>{{ $order->type->value }}</b></span>
            @if ($order->walked->isNotEmpty())
                <span>walks <b>{{ $w->count($order->walked->count(), 'asset') }}</b></span>
            @endif
            <span>
                due
                @php
                    $dueOnWords =
                        $order->state->isOpen() && $order->due_on
                            ? ', ' . $w->relative($order->due_on)
                            : '';
                @endphp
                <b>{{ $w->day($order->due_on) }}</b>{{ $dueOnWords }}</span><span>who
                <b>{{ $order->assignee?->name ?? ($order->team?->name ?? 'nobody yet') }}</b></span>
        </div>
    </div>
    <div class="acts">
        @if ($may('approve'))
            <form method="post" action="{{ $by }}/approve">@csrf<x-decided
                    :of="$order" /><button class="btn strong">Approve</button>
            </form>
        @endif
        @if ($may('start'))
            @if ($order->precautions->isNotEmpty())
                <a class="btn strong" href="#precautions" hx-boost="false">Confirm and
                start</a>@else<form method="post" action="{{ $by }}/start">
                    @csrf<x-decided :of="$order" /><button class="btn strong">Start the
                        work</button></form>
            @endif
        @endif
        @if ($may('resume'))
            <form method="post" action="{{ $by }}/resume">@csrf<x-decided
                    :of="$order" /><button class="btn strong">Go on with
                    it</button></form>
        @endif
        @if ($may('finish'))
            <a class="btn strong" href="#finish" hx-boost="false">Finish</a>
        @endif
        @if ($may('close'))
            <a class="btn strong" href="#close" hx-boost="false">Review and close</a>
        @endif
        <button type="button" class="btn" data-print>Print</button>
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @foreach (['reason', 'hold_reason', 'step', 'stale', 'visits', 'review'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($order->state->isLocked())
            <div class="note">This order is {{ $order->state->value }} and
                @php
                    $stateWords = $order->state->value === 'cancelled' ? " “{$order->reason}”" : '';
                @endphp
                locked.{{ $stateWords }}{{ $order->review ? " Review: “{$order->review}”" : '' }}
            </div>
        @endif
        @if ($order->state->value === 'on hold' && $order->reason)
            <div class="note">On hold, {{ $order->hold_reason }}: {{ $order->reason }}</div>
        @endif
        @if ($behind)
            <div class="note">A newer revision of {{ $behind }} is in force; this order
                keeps the one it was
                made from. @if ($mayAssign)
                    <form class="inline-form" method="post" action="{{ $by }}/revision">
                        @csrf<button class="btn slim">Move it up to the revision in force</button>
                    </form> <span class="quiet small">Steps that stay the same keep what was ticked
                        and answered.</span>
                @endif
            </div>
        @endif
        @if ($order->precautions->isNotEmpty() || $order->tools)
            <section class="part" id="precautions">
                <h3>Before the start</h3>
                @if ($order->tools)
                    <p><span class="quiet">Tools:</span>
                        {{ str_replace("\n", ', ', $order->tools) }}</p>
                @endif
                @if ($order->precautions->isNotEmpty())
                    @if ($may('start'))
                        <form method="post" action="{{ $by }}/start">@csrf<x-decided
                                :of="$order" />
                            <fieldset>
                                <legend>Permits and precautions, each confirmed before the work
                                    starts</legend>
                                <div class="choices upright">
                                    @foreach ($order->precautions as $one)
                                        <label><input type="checkbox" name="confirmed[]"
                                                value="{{ $one->position }}"
                                                @checked(in_array((string) $one->position, (array) old('confirmed', []), true))>
                                            {{ $one->text }}</label>
                                    @endforeach
                                </div>
                            </fieldset>
                            @error('confirmed')
                                <span class="error" role="alert">{{ $message }}</span>
                            @enderror
                            <p>
                                <button class="btn strong">Confirm and start the work</button>
                            </p>
                        </form>
                    @else<ul class="plain-list">
                            @foreach ($order->precautions as $one)
                                @php
                                    $confirmedAtWords = $one->confirmed_at
                                        ? "confirmed by {$one->confirmed_by}, {$w->instant(
        $one->confirmed_at,
    )}"
                                        : 'to be confirmed at the start';
                                @endphp
                                <li>{{ $one->text }} <span
                                        class="quiet small">{{ $confirmedAtWords }}</span>
                                </li>
                            @endforeach
                        </ul>
                    @endif
                @endif
            </section>
        @endif
        <section class="part" id="steps">
            @php
                $isEmptyWords = $order->steps->isEmpty()
                    ? ''
                    : "{$ticked} of {$order->steps->count()} ticked";
            @endphp
            <h3>Steps <span class="aside quiet">{{ $isEmptyWords }}</span>
            </h3>
            @if ($order->steps->isEmpty())
                <p class="quiet small">No steps.</p>
            @else
                @include('work.steps') @if (
                    $mayWork &&
                        $order->steps->whereNull('ticked_at')->where('answer', Sundial\Planning\Method\AnswerKind::Tick)->count() > 1)
                    <form method="post" action="{{ $by }}/steps">@csrf<button
                            class="btn slim">Tick all that
                            ask for nothing else</button></form>
                @endif
            @endif
        </section>
        <section class="part" id="hours">
            <h3>Hours <span class="aside quiet">planned {{ $w->minutes($order->planned_minutes) }},
                    booked
                    @php
                        $seesCostsWords = $seesCosts
                            ? ', ' . $w->money((int) $booked->sum('cost_cents'))
                            : '';
                    @endphp
                    {{ $w->minutes((int) $booked->sum('minutes')) }}{{ $seesCostsWords }}</span>
            </h3>
            @if ($estimate)
                <p class="small">Nobody has planned its hours. Orders like it took up to
                    {{ $w->minutes($estimate->median) }} in half of the cases,
                    {{ $w->minutes($estimate->most) }} in
                    80 % <span class="quiet">({{ $w->count($estimate->orders, 'closed order') }}:
                        {{ $estimate->basis }})</span>.</p>
            @endif
            @if ($order->labour->isNotEmpty())
                <p class="quiet small">Planned:
                    @php
                        $implodeWords = $order->labour
                            ->map(
                                fn($line) => "{$line->people} × {$line->trade->name}, {$w->minutes(
            $line->minutes,
        )} each",
                            )
                            ->implode('; ');
                    @endphp
                    {{ $implodeWords }}
                </p>
            @endif
            @if ($order->bookings->isNotEmpty())
                <div class="scroll">
                    <table>
                        <thead>
                            <tr>
                                <th>who</th>
                                <th>day</th>
                                <th class="r">time</th>
                                <th></th>
                                @if ($seesCosts)
                                    <th class="r">cost</th>
                                @endif
                                <th>
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($order->bookings as $booking)
                                <tr @class(['struck' => $booking->struck_at])>
                                    <td>{{ $booking->person->name }}</td>
                                    <td>{{ $w->day($booking->worked_on) }}</td>
                                    <td class="r">{{ $w->minutes($booking->minutes) }}</td>
                                    <td>{{ $booking->overtime->value === 'normal' ? '' : $booking->overtime->value }}
                                        {{ $booking->note }}</td>
                                    @if ($seesCosts)
                                        <td class="r">
                                            @php
                                                $centsPerHourWords =
                                                    $booking->cents_per_hour === null
                                                        ? 'no rate'
                                                        : $w->money($booking->cost_cents);
                                            @endphp
                                            {{ $centsPerHourWords }}
                                        </td>
                                    @endif
                                    <td class="r">
                                        @if ($mayWork && !$booking->struck_at)
                                            <form method="post"
                                                action="{{ $by }}/bookings/{{ $booking->id }}/strike">
                                                @php
                                                    $minutesWords = $w->minutes($booking->minutes);
                                                @endphp
                                                @csrf<button class="btn slim"
                                                    aria-label="Strike out {{ $minutesWords }} of {{ $booking->person->name }}">strike
                                                    out</button></form>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
            @if ($mayWork)
                @php
                    $left = max(0, $order->planned_minutes - (int) $booked->sum('minutes'));
                    $leftTyped = $left === 0 ? '' : Sundial\Costing\WorkedTime::typed($left);
                @endphp

                <form class="inline-form" method="post" action="{{ $by }}/bookings">
                    @csrf <x-once />
                    <div class="field"><label>Who<br><select name="user_id">
                                @foreach ($people as $person)
                                    @if ($person->id === auth()->id() || Gate::allows('work-on-any-order'))
                                        <option value="{{ $person->id }}"
                                            @selected((int) old('user_id', auth()->id()) === $person->id)>
                                            {{ $person->name }}</option>
                                    @endif
                                @endforeach
                            </select>
                        </label></div>
                    <div class="field"><label>Day<br><input type="date" name="worked_on"
                                value="{{ old('worked_on', $today) }}" max="{{ $today }}"
                                required></label>
                    </div>
                    <div class="field"><label>Time<br><input name="time" size="6"
                                placeholder="2:30" value="{{ old('time', $leftTyped) }}"></label>
                    </div>
                    <div class="field"><label>At<br><select name="overtime">
                                @foreach (Sundial\Costing\Overtime::cases() as $overtime)
                                    <option @selected(old('overtime') === $overtime->value)>{{ $overtime->value }}
                                    </option>
                                @endforeach
                            </select>
                        </label></div>
                    <button class="btn">Book the time</button>
                </form>
                @foreach (['time', 'minutes', 'hours', 'worked_on', 'user_id'] as $key)
                    @error($key)
                        <span class="error" role="alert">{{ $message }}</span>
                    @enderror
                @endforeach
            @endif
        </section>
        @if ($may('finish'))
            <section class="part form" id="finish">
                <h3>Finish the work</h3>
                @if ($ticked < $order->steps->count())
                    <p class="quiet small">{{ $order->steps->count() - $ticked }} of
                        {{ $order->steps->count() }}
                        steps are not ticked yet.</p>
                @endif
                <form method="post" action="{{ $by }}/finish">@csrf<x-decided
                        :of="$order" /><x-field name="finished_at" label="Finished at"
                        type="datetime-local" :value="$w->now()->format('Y-m-d\TH:i')" required
                        hint="Now, or when it was really finished: the schedule counts from that day." />
                    <x-it-is-right />
                    @foreach ($meters as $meter)
                        @error("readings.{$meter->id}")
                            <x-reading-question :meter="$meter" :message="$message"
                                :key="$meter->id" />
                        @enderror
                        <div class="field">
                            <label for="reading-{{ $meter->id }}">{{ $meter->name }} shows
                                now, in
                                {{ $meter->unit }} (showed {{ $meter->text($meter->last_shown) }}
                                {{ $meter->last_on ? $w->relative($meter->last_on) : '' }})</label><input
                                id="reading-{{ $meter->id }}" type="text"
                                inputmode="decimal" name="readings[{{ $meter->id }}]"
                                value="{{ old("readings.{$meter->id}") }}" size="10"
                                @error("readings.{$meter->id}") aria-invalid="true" @enderror>
                        </div>
                    @endforeach
                    <x-field name="finding" label="What was found" type="textarea" />
                    <button class="btn strong">Finish {{ $order->label() }}</button>
                </form>
            </section>
        @endif
        @if ($order->state->value === 'done')
            <section class="part form">
                <h3>Finished <span
                        class="aside quiet">{{ $w->instant($order->finished_at) }}</span></h3>
                @if ($order->finding)
                    <p class="pre">{{ $order->finding }}</p>
                @endif
                @if (Gate::allows('move', [$order, 'finish']))
                    <details class="act" @error('finished_at') open @enderror>
                        <summary>Correct when it was finished</summary>
                        <form method="post" action="{{ $by }}/finish">@csrf<x-decided
                                :of="$order" />
                            @php
                                $valueGiven = $w->local($order->finished_at)->format('Y-m-d\TH:i');
                            @endphp
                            @method('put')<x-field name="finished_at"
                                label="Really finished at" type="datetime-local"
                                :value="$valueGiven" required />
                            <x-it-is-right />
                            <button class="btn">Correct the
                                finish</button>
                        </form>
                    </details>
                @endif
            </section>
        @endif
        @if ($may('close'))
            <section class="part form" id="close">
                <h3>Review</h3>
                <form method="post" action="{{ $by }}/close">@csrf<x-decided
                        :of="$order" /><x-field name="review" label="Remark of the review"
                        type="textarea" /><button class="btn strong">Close
                        {{ $order->label() }}</button></form>
            </section>
        @endif
        @if ($along || $errors->has('schedules'))
            <section class="part" id="along">
                <h3>Take along <span class="aside quiet">due soon on {{ $order->asset->tag }},
                        inside it, or stopped
                        with it</span></h3>
                @error('schedules')
                    <span class="error" role="alert">{{ $message }}</span>
                @enderror
                <div id="along-at-{{ $order->version }}" hx-get="{{ $by }}/along"
                    hx-trigger="load" hx-target="this" hx-swap="innerHTML" hx-push-url="false">
                    <a href="{{ $by }}/along">The visits that could go along</a>
                </div>
            </section>
        @endif
        @if ($order->covered->isNotEmpty())
            <section class="part">
                <h3>Visits that it covers</h3>
                <table>
                    <tbody>
                        @foreach ($order->covered as $covered)
                            <tr>
                                @php
                                    $scheduleWords2 = $covered->schedule->name;
                                @endphp
                                <td><a
                                        href="/schedules/{{ $covered->schedule_id }}">{{ $scheduleWords2 }}</a>,
                                    visit {{ $covered->number }}</td>
                                <td>planned
                                    {{ $covered->expected ? 'about ' : '' }}{{ $w->day($covered->planned_on) }}
                                </td>
                                <td>{{ $covered->state }}{{ $covered->done_on ? ' ' . $w->day($covered->done_on) : '' }}
                                    @if ($covered->reading_id)
                                        <div class="quiet small">
                                            {{ $scheduleWords->madeDue($covered) }}</div>
                                        @endif @if ($covered->note && $covered->state === 'in hand')
                                            <div class="w due small">{{ $covered->note }}</div>
                                        @endif
                                </td>
                                <td class="r">
                                    @php
                                        $stateWords2 =
                                            $covered->state === 'done'
                                                ? 'next ' . $w->day($covered->schedule->next_due_on)
                                                : '';
                                    @endphp
                                    {{ $stateWords2 }}
                                    @if ($mayAssign && $covered->state === 'in hand' && !$loop->first)
                                        <form method="post"
                                            action="{{ $by }}/along/{{ $covered->id }}">
                                            @csrf @method('delete')<button class="btn slim">leave
                                                it out</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
        <section class="part" id="facts">
            <h3>About this order</h3>
            <dl class="facts">
                <div>
                    <dt>method</dt>
                    <dd>
                        @if ($order->revision)
                            @php
                                $methodWords = $order->revision->method->name;
                            @endphp
                            <a
                                href="/methods/{{ $order->revision->method_id }}">{{ $methodWords }}</a>,
                            revision {{ $order->revision->number }}@else—
                        @endif
                    </dd>
                </div>
                <div>
                    <dt>planned</dt>
                    <dd>{{ $w->day($order->planned_on) }}</dd>
                </div>
                <div>
                    <dt>started</dt>
                    <dd>{{ $w->instant($order->started_at) }}</dd>
                </div>
                <div>
                    <dt>finished</dt>
                    <dd>{{ $w->instant($order->finished_at) }}</dd>
                </div>
                <div>
                    <dt>closed</dt>
                    <dd>{{ $w->instant($order->closed_at) }}</dd>
                </div>
                @if ($order->batch_id)
                    <div>
                        <dt>made by</dt>
                        <dd>
                            @can('release')
                                <a href="/release/{{ $order->batch_id }}">a release</a>
                            @else
                                a release
                            @endcan
                        </dd>
                    </div>
                @endif
            </dl>
        </section>
        <section class="part form">
            @if ($mayAssign)
                <details class="act" @if ($errors->hasAny(['assignee_id', 'team_id', 'planned_on'])) open @endif>
                    <summary>Assign it, or move its day</summary>
                    <form method="post" action="{{ $by }}/assignment">@csrf
                        @method('put') <x-version :of="$order" />
                        <div class="pair"><x-field name="team_id" label="Team"
                                type="select">
                                <option value="">no team</option>
                                @foreach ($teams as $team)
                                    <x-option name="team_id" :value="$team->id"
                                        :current="$order->team_id">{{ $team->name }}</x-option>
                                @endforeach
                            </x-field>
                            <x-field name="assignee_id" label="Person" type="select">
                                <option value="">nobody yet</option>
                                @foreach ($people as $person)
                                    <x-option name="assignee_id" :value="$person->id"
                                        :current="$order->assignee_id">{{ $person->name }}</x-option>
                                @endforeach
                            </x-field>
                            <x-field name="planned_on" label="Planned day" type="date"
                                :value="$order->planned_on" />
                        </div><button class="btn strong">Assign</button>
                    </form>
                </details>
            @endif
            @if ($may('hold'))
                <details class="act" @error('hold_reason') open @enderror>
                    <summary>Put on hold</summary>
                    <form method="post" action="{{ $by }}/hold">@csrf<x-decided
                            :of="$order" /><x-field name="hold_reason"
                            label="What is it waiting for?" type="select" required>
                            <option value="">choose</option>
                            @foreach (Sundial\Work\HoldReason::cases() as $why)
                                <x-option name="hold_reason"
                                    :value="$why->value">{{ $why->value }}</x-option>
                            @endforeach
                        </x-field>
                        <x-field name="note" label="Note" /><button class="btn">Put on
                            hold</button>
                    </form>
                </details>
            @endif
            @if ($may('reopen'))
                <details class="act" @if ($errors->has('reason')) open @endif>
                    <summary>Reopen</summary>
                    <form method="post" action="{{ $by }}/reopen">@csrf<x-decided
                            :of="$order" /><x-field name="reason"
                            label="Why is it reopened?" required /><button class="btn">Reopen
                            {{ $order->label() }}</button></form>
                </details>
            @endif
            @if ($may('cancel'))
                <details class="act" @if ($errors->hasAny(['visits']) || $errors->has('reason')) open @endif>
                    <summary>Cancel the order</summary>
                    <form method="post" action="{{ $by }}/cancel">@csrf<x-decided
                            :of="$order" /><x-field name="reason"
                            label="Why is it cancelled?" required />
                        <fieldset>
                            <legend>And its visit?</legend>
                            <div class="choices"><label><input type="radio" name="visits"
                                        value="skip" required @checked(old('visits') === 'skip')> Skip
                                    it: count on as if it had been done when
                                    planned</label><label><input type="radio" name="visits"
                                        value="give back" @checked(old('visits') === 'give back')> Give it
                                    back: it can be released again</label>
                            </div>
                        </fieldset><button class="btn danger">Cancel
                            {{ $order->label() }}</button>
                    </form>
                </details>
            @endif
        </section>
        @can('write-plans')@if ($order->steps->isNotEmpty())
            <section class="part form">
                <form method="post" action="{{ $by }}/method">@csrf<button
                        class="btn slim">Make a
                        method of this plan</button></form>
            </section>
        @endif @endcan
        <section class="part" id="log">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
    <nav class="toc" aria-label="Sections"><a href="#steps" hx-boost="false">Steps
            <i>{{ $order->steps->count() ?: '' }}</i></a><a href="#hours"
            hx-boost="false">Hours
            <i>{{ $booked->count() ?: '' }}</i></a>
        @if ($along)
            <a href="#along" hx-boost="false">Take along</a>
            @endif @if ($may('finish'))
                <a href="#finish" hx-boost="false">Finish</a>
                @endif @if ($may('close'))
                    <a href="#close" hx-boost="false">Review</a>
                @endif
                <a href="#facts" hx-boost="false">About</a><a href="#log"
                    hx-boost="false">Log</a>
    </nav>
</div>
