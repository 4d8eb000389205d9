@php
    $going = !$schedule->ended && $schedule->held_from === null;
    $visit = $schedule->nextVisit();
@endphp

<div class="head">
    @php
        $nearnessGiven = $going
            ? $visit?->nearness($today, $schedule->standing->in_hand !== null)
            : null;
    @endphp
    <x-dial :size="84" :nearness="$nearnessGiven" :consumed="$visit?->consumed($today)" :other="$words->otherShare($schedule)"
        :lead="$visit === null
            ? null
            : intdiv(
                1000 * $visit->base->daysUntil($visit->release),
                max(1, $visit->base->daysUntil($visit->planned)),
            )" />
    <div>
        <div class="crumbs"><a class="only-narrow" href="/schedules">‹ All schedules · </a>
            @if ($schedule->round)
                Schedule of the round
                <a href="/rounds/{{ $schedule->round_id }}">{{ $schedule->round->name }}</a>,
                {{ $w->count($schedule->round->stations->count(), 'asset') }}
            @else
                Schedule on <a href="/assets/{{ $schedule->asset_id }}">{{ $schedule->asset->name }}
                    {{ $schedule->asset->tag }}</a>
            @endif
        </div>
        <h2>{{ $schedule->name }}</h2>
        <div class="meta"><span>{{ $words->sentence($schedule) }}</span></div>
    </div>
    <div class="acts">
        @foreach ($offers as $offer)
            @if ($offer['post'] ?? false)
                <form method="post" action="{{ $offer['href'] }}">@csrf<button
                    class="btn">{{ $offer['label'] }}</button></form>@else<a class="btn"
                    href="{{ $offer['href'] }}">{{ $offer['label'] }}</a>
            @endif
        @endforeach @can('update', $schedule)
        @unless ($schedule->ended)
            <a class="btn" href="/schedules/{{ $schedule->id }}/edit">Change it</a>
        @endunless
    @endcan
</div>
</div>
<div class="body whole">
<div class="secs"><x-said />
    @error('reason')
        <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror @error('stale')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    <section class="part">
        <h3>Next</h3>
        @if ($schedule->ended)
            <p>This schedule has ended; it makes no more orders.</p>
        @elseif ($schedule->held_from && $schedule->pause()?->isOn($today))
            <p><b>{{ ucfirst($words->heldUp($schedule)) }}</b>: {{ $schedule->pause_reason }}.
                It makes no orders
                @php
                    $pausedUntilWords = $schedule->paused_until
                        ? ', and goes on by itself on ' . $w->day($schedule->pause()->goesOnOn())
                        : '';
                @endphp
                meanwhile{{ $pausedUntilWords }}.
            </p>
        @elseif ($schedule->held_from)
            <p>Held up: {{ $schedule->asset->name }} is not in use since
                {{ $w->day($schedule->held_from) }}. It
                makes no orders until the asset is back.</p>
        @elseif ($visit === null)
            <p>Visit {{ $schedule->standing->next_number }}:
                <b>{{ $schedule->rule === 'condition' ? 'waits for its gauge' : 'no date can be expected yet' }}</b>.
                {{ $words->usage($schedule) ?: $words->conditionStands($schedule) }}.
            </p>
        @else<p>Visit
                {{ $schedule->standing->next_number }}{{ $levels === [] ? '' : ", {$levels[0]}" }}:
                <b>{{ $schedule->standing->expected ? 'about ' : '' }}{{ $w->weekday($visit->planned) }}</b>,
                @php
                    $inHandWords = str_replace(
                        ' ',
                        '-',
                        $visit->nearness($today, $schedule->standing->in_hand !== null)->value,
                    );
                @endphp
                <span class="w {{ $inHandWords }}">{{ $words->standing($schedule) }}</span>.
                {{ ucfirst($words->because($schedule)) }}.
                @php
                    $inHandWords2 = $schedule->standing->in_hand
                        ? ''
                        : $words->noOrder($schedule) ??
                            'Its order is made on ' .
                                $w->day($schedule->standing->release_on) .
                                ($visit->release->isBefore($today)
                                    ? ' (with the next release)'
                                    : '') .
                                '.';
                @endphp
                {{ $inHandWords2 }}
                @if ($schedule->standing->leading->value === 'calendar')
                    On time from {{ $w->day($visit->onTimeFrom()) }}
                    to
                    {{ $w->day($visit->onTimeUntil()) }}{{ $schedule->statutory ? ', by law' : '' }}.
                @endif
            </p>
            @if ($schedule->meter_id)
                <p>{{ $words->usage($schedule) }}. @if ($schedule->standing->calendar_on && $schedule->standing->leading->value === 'usage')
                        By the calendar it would be
                        {{ $w->day($schedule->standing->calendar_on) }}; the
                        meter comes first.
                    @elseif ($schedule->standing->calendar_on)
                        The calendar comes first.
                    @endif
                    @php
                        $toMeter = $schedule->standing->readingWanted($today)
                            ? 'Take the reading that is wanted'
                            : 'Its meter';
                    @endphp
                    <a href="/meters/{{ $schedule->meter_id }}">{{ $toMeter }}</a>.
                </p>
            @endif
            @if ($schedule->gauge_id)
                <p>{{ $words->conditionStands($schedule) }}. <a
                        href="/meters/{{ $schedule->gauge_id }}">Its
                        gauge</a>.</p>
            @endif
            @if ($schedule->paused_from)
                <p>It will be paused from
                    @php
                        $pausedUntilWords2 = $schedule->paused_until
                            ? ' to ' . $w->day($schedule->paused_until)
                            : ' on';
                    @endphp
                    {{ $w->day($schedule->paused_from) }}{{ $pausedUntilWords2 }}:
                    {{ $schedule->pause_reason }}.</p>
            @endif
            @if (count($visits) > 1)
                <div class="scroll">
                    <table class="slim">
                        <thead>
                            <tr>
                                <th>then, if each is done on its day</th>
                                <th class="r">order made</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach (array_slice($visits, 1) as $later)
                                <tr>
                                    @php
                                        $expectedWords = $later->expected ? '≈ ' : '';
                                        $plannedWords = $w->weekday($later->planned);
                                    @endphp
                                    <td>{{ $expectedWords }}{{ $plannedWords }}@isset($levels[$loop->iteration])
                                        <span
                                            class="tag">{{ $levels[$loop->iteration] }}</span>
                                        @endisset @if ($later->early)
                                            <span
                                                class="quiet small">{{ $w->day($later->early) }}
                                                to
                                                {{ $w->day($later->late) }}</span>
                                        @endif
                                    </td>
                                    <td class="r">{{ $w->day($later->dates()->release) }}
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        @endif
    </section>
    @if ($change)
        <div class="note">From {{ $w->day($change['from']) }} on: {{ $change['says'] }}
            <span class="quiet small">Kept by {{ $change['who'] }}.</span>
            @can('update', $schedule)
                <form method="post" action="/schedules/{{ $schedule->id }}/change">@csrf
                    @method('delete')<button class="link">Take the change back</button></form>
            @endcan
        </div>
    @endif
    <section class="part">
        <h3>What it is</h3>
        <dl class="facts">
            <div>
                <dt>method</dt>
                <dd><a
                        href="/methods/{{ $schedule->method_id }}">{{ $schedule->method->name }}</a>
                </dd>
            </div>
            <div>
                <dt>every</dt>
                <dd>{{ $words->every($schedule) }}</dd>
            </div>
            @if ($turn)
                <div>
                    <dt>levels</dt>
                    <dd>{{ $turn }}</dd>
                </div>
            @endif
            @if ($schedule->recurrence())
                <div>
                    <dt>as a rule (RFC 5545)</dt>
                    <dd class="tag">DTSTART:{{ str_replace('-', '', $schedule->anchor_on) }}
                        RRULE:{{ $schedule->recurrence() }}</dd>
                </div>
            @endif
            <div>
                <dt>on a non-working day</dt>
                <dd>{{ App\Planning\Wording\ScheduleWording::MOVES[$schedule->non_working] }}
                </dd>
            </div>
            <div>
                <dt>carry-over</dt>
                <dd>{{ $words->carryOver($schedule) }}</dd>
            </div>
            <div>
                <dt>order</dt>
                <dd>{{ $words->lead($schedule) }},
                    {{ $schedule->approve_at_once ? 'approved at once' : 'to be approved' }}
                </dd>
            </div>
            <div>
                <dt>team</dt>
                <dd>{{ $schedule->team?->name ?? 'that of the asset' }}</dd>
            </div>
            <div>
                <dt>ends</dt>
                <dd>{{ $w->day($schedule->ends_on) }}</dd>
            </div>
        </dl>
    </section>
    @foreach ($sections as $section)
        <section class="part">@include($section['view'], $section['data'])</section>
    @endforeach
    @can('update', $schedule)@unless ($schedule->ended)<section class="part">
        <h3>Change</h3>
        @if ($schedule->paused_from)
            <form method="post" action="/schedules/{{ $schedule->id }}/go-on">@csrf<input
                    type="hidden" name="version" value="{{ $schedule->version }}"><button
                    class="btn">{{ $schedule->held_from ? 'Let it go on now' : 'Take the pause back' }}</button>
            </form>
        @else<details class="act form" @if ($errors->hasAny(['from', 'until', 'pause_reason'])) open @endif>
                <summary>Pause it</summary>
                <form method="post" action="/schedules/{{ $schedule->id }}/pause">@csrf<input
                        type="hidden" name="version" value="{{ $schedule->version }}">
                    <div class="pair"><x-field name="from" label="First day" type="date"
                            :value="(string) $today" required /><x-field name="until"
                            label="Last day" type="date"
                            hint="Empty: until somebody lets it go on." /></div><x-field
                        name="pause_reason" label="Why does it rest?" required />
                    <p class="quiet small">Points that pass meanwhile are suspended: neither
                        done nor missed.</p>
                    <button class="btn">Pause the schedule</button>
                </form>
            </details>
        @endif
        @if ($going && $schedule->standing->in_hand === null && $visit !== null)
            <details class="act form" @error('skip_reason') open @enderror>
                <summary>Skip visit {{ $schedule->standing->next_number }},
                    {{ $w->weekday($visit->planned) }}</summary>
                <form method="post" action="/schedules/{{ $schedule->id }}/skip">@csrf<input
                        type="hidden" name="version" value="{{ $schedule->version }}"><x-field
                        name="skip_reason" label="Why is it skipped?" required />
                    <p class="quiet small">The schedule counts on as if it had been done when
                        planned.</p><button class="btn">Skip the visit</button>
                </form>
            </details>
        @endif
        @if ($going && $schedule->standing->in_hand === null && $visit !== null)
            <details class="act form" @error('moved_to') open @enderror>
                <summary>Move this visit alone</summary>
                <form method="post" action="/schedules/{{ $schedule->id }}/move">@csrf
                    @method('put')<input type="hidden" name="version"
                        value="{{ $schedule->version }}"><x-field name="moved_to"
                        label="To" type="date" :value="$schedule->standing->next_due_on" required
                        :hint="'Within ' .
                            $w->count($visit->tolerance, 'day') .
                            ' of ' .
                            $w->day(
                                $schedule->standing->moved_from ?? $schedule->standing->next_due_on,
                            ) .
                            ', its tolerance; the visits after it stay where they are.'" /><button class="btn">Move the visit</button>
                </form>
            </details>
        @endif
        @if ($schedule->standing->in_hand === null)
            <details class="act form" @if ($errors->hasAny(['on', 'count_reason', 'usage_last'])) open @endif>
                <summary>Count from here</summary>
                <form method="post" action="/schedules/{{ $schedule->id }}/count-from">
                    @csrf<input type="hidden" name="version" value="{{ $schedule->version }}">
                    <div class="pair"><x-field name="on" label="The next visit is on"
                            type="date" :value="$schedule->standing->next_due_on !== null &&
                            !Sundial\Calendar\LocalDate::parse(
                                $schedule->standing->next_due_on,
                            )->isBefore($today)
                                ? $schedule->standing->next_due_on
                                : (string) $today" required />
                        @if ($schedule->meter_id)
                            <x-field name="reading" label="Its meter counts from"
                                inputmode="decimal" :hint="'What ' .
                                    $schedule->meter->name .
                                    ' showed, in ' .
                                    $schedule->meter->unit .
                                    '. Empty: what it shows now.'" />
                        @endif
                    </div>
                    <x-field name="count_reason" label="Why does it count afresh?"
                        required /><button class="btn">Count from there</button>
                </form>
            </details>
        @endif
        <details class="act form" @error('reason') open @enderror>
            <summary>End this schedule</summary>
            <form method="post" action="/schedules/{{ $schedule->id }}/end">@csrf<input
                    type="hidden" name="version" value="{{ $schedule->version }}"><x-field
                    name="reason" label="Why does it end?" required /><button
                    class="btn danger">End the schedule</button>
            </form>
        </details>
    </section>@endunless @endcan
    <section class="part" id="visits">
        <h3>Visits so far</h3>
        @if ($past->isEmpty())
        <p class="quiet small">None yet.</p>@else<div class="scroll">
                <table class="form">
                    <thead>
                        <tr>
                            <th class="r">no.</th>
                            @if ($ladder)
                                <th>level</th>
                            @endif
                            <th>
                                planned</th>
                            <th>what became of it</th>
                            <th class="r">order</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($past as $one)
                            @php
                                $late = $one->done_on
                                    ? Sundial\Calendar\LocalDate::parse(
                                        $one->planned_on,
                                    )->daysUntil(Sundial\Calendar\LocalDate::parse($one->done_on))
                                    : 0;
                            @endphp
                            <tr>
                                <td class="r">{{ $one->number }}</td>
                                @if ($ladder)
                                    <td>{{ $one->level ? $ladder->name($one->level) : '' }}
                                    </td>
                                @endif
                                <td>
                                    {{ $w->day($one->planned_on) }}</td>
                                @php
                                    $stateWords =
                                        $one->state === 'done'
                                            ? 'done ' .
                                                $w->day($one->done_on) .
                                                ($late > 0
                                                    ? ", {$late} d late"
                                                    : ($late < 0
                                                        ? ', ' . -$late . ' d early'
                                                        : ', on the day'))
                                            : $one->state;
                                @endphp
                                <td>{{ $stateWords }}{{ $one->note ? ": {$one->note}" : '' }}
                                    @if ($one->reading_id)
                                        <div class="quiet small">
                                            {{ $words->madeDue($one->setRelation('schedule', $schedule)) }}
                                        </div>
                                    @endif
                                </td>
                                <td class="r tag">{{ $one->label }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </section>
    <section class="part">
        <h3>Log</h3><x-log :lines="$log" />
    </section>
</div>
</div>
