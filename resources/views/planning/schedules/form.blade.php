@php
    $get = fn(string $name, mixed $else = null) => old(
        $name,
        $typed[$name] ?? ($schedule->{$name} ?? $else),
    );
    $weekdays = array_map(
        'intval',
        (array) old(
            'weekdays',
            $typed['weekdays'] ?? App\Planning\Models\Schedule::numbers($schedule->weekdays),
        ),
    );
    $months = array_map(
        'intval',
        (array) old(
            'months',
            $typed['months'] ?? App\Planning\Models\Schedule::numbers($schedule->months),
        ),
    );
    $nthWeekday = (int) old(
        'nth_weekday',
        $typed['nth_weekday'] ??
            (App\Planning\Models\Schedule::numbers($schedule->weekdays)[0] ?? 1),
    );
    $words = App\Planning\Wording\ScheduleWording::class;
    $approve = $errors->any()
        ? old('approve_at_once')
        : ($typed !== null
            ? $typed['approve_at_once'] ?? false
            : $schedule->approve_at_once);
    $bad = fn(string $name) => $errors->has($name) ? 'aria-invalid=true' : '';
@endphp
<div class="head bare">
    <div>
        <div class="crumbs">
            @if ($round)
                Round
                <a href="/rounds/{{ $round->id }}">{{ $round->name }}</a>,
                {{ $w->count($round->stations_count, 'asset') }}
            @else
                <a href="/assets/{{ $asset->id }}">{{ $asset->name }} {{ $asset->tag }}</a>
            @endif
        </div>
        <h2>{{ $schedule->exists ? $schedule->name : 'New schedule' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($methods->isEmpty())
            <div class="note">A schedule says when a method is done. There is no method yet: <a
                    href="/methods/new">write the first one</a>.</div>
        @endif
        @if ($errors->any() && !$errors->has('stale'))
            <div class="note bad" role="alert"><b>Not saved yet.</b>
                <ul>
                    @foreach ($errors->all() as $error)
                        <li>{{ $error }}</li>
                    @endforeach
                </ul>
            </div>
        @endif
        <form class="two" method="post"
            action="{{ $schedule->exists ? "/schedules/{$schedule->id}" : "/assets/{$asset->id}/schedules" }}"
            x-data="scheduleForm" x-on:change="fit">@csrf @if ($schedule->exists) @method('put') <input type="hidden"
                    name="schedule_id" value="{{ $schedule->id }}">
            @else
                <x-once />
                @if ($round)
                    <input type="hidden" name="round_id" value="{{ $round->id }}">
                @endif
            @endif
            <div>
                @if ($schedule->exists)
                    <x-version :of="$schedule" :labels="[
                        'name' => 'Name',
                        'every' => 'Every',
                        'unit' => 'Unit',
                        'lead' => 'Lead',
                        'late_share' => 'Share of lateness',
                        'anchor_on' => 'First date',
                    ]" />
                @endif
                <div class="sentence" hx-post="/assets/{{ $asset->id }}/schedules/preview"
                    hx-trigger="change from:closest form, input delay:250ms from:closest form"
                    hx-target="#preview" hx-swap="innerHTML" hx-include="closest form"
                    hx-params="not _method" hx-sync="this:replace" hx-boost="false">
                    <p>Do <select name="method_id" aria-label="Method" required
                            {{ $bad('method_id') }}>
                            <option value="">choose a method</option>
                            @foreach ($suiting as $for => $group)
                                <optgroup label="{{ $for }}">
                                    @foreach ($group as $method)
                                        <option value="{{ $method->id }}"
                                            @if ($method->inForce?->ladder) data-ladder="{{ $method->inForce->ladder }}" @endif
                                            @selected((int) $get('method_id') === $method->id)>{{ $method->code }}
                                            {{ $method->name }}
                                        </option>
                                    @endforeach
                                </optgroup>
                            @endforeach
                        </select>
                        @if (!$schedule->exists || $schedule->standing->next_number === $schedule->ladder_start)
                            <span data-ladder-start> <span class="lead-in">beginning with
                                    visit</span> <input type="number" name="ladder_start"
                                    min="1" max="999"
                                    value="{{ $get('ladder_start', 1) }}"
                                    aria-label="Begins with visit" {{ $bad('ladder_start') }}>
                                <span class="lead-in">of its service
                                    ladder</span></span>
                        @endif
                    </p>
                    <p><select name="rule" aria-label="Kind of rule">
                            <option value="interval" @selected($get('rule') === 'interval')>at an interval:
                            </option>
                            <option value="weekdays" @selected($get('rule') === 'weekdays')>on weekdays:
                            </option>
                            <option value="nth" @selected($get('rule') === 'nth')>on the nth weekday:
                            </option>
                            <option value="usage" @selected($get('rule') === 'usage')>by use of a meter
                                alone:</option>
                            <option value="condition" @selected($get('rule') === 'condition')>by a gauge alone:
                            </option>
                        </select>
                        <span data-rule="nth">on the <select name="nth"
                                aria-label="Which of the month">
                                @foreach ($words::NTH as $n => $name)
                                    <option value="{{ $n }}"
                                        @selected((int) $get('nth', 1) === $n)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                            <select name="nth_weekday" aria-label="Weekday of the month">
                                @foreach ($words::WEEKDAYS as $n => $name)
                                    <option value="{{ $n }}"
                                        @selected($nthWeekday === $n)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                            of </span>
                        <span data-rule="interval weekdays nth">every <input type="number"
                                name="every" min="1" max="999"
                                value="{{ $get('every', 30) }}" aria-label="Number"
                                {{ $bad('every') }}></span>
                        <span data-rule="interval"><select name="unit" aria-label="Unit">
                                @foreach (Sundial\Calendar\Unit::cases() as $unit)
                                    <option @selected($get('unit') === $unit->value)>{{ $unit->value }}
                                    </option>
                                @endforeach
                            </select>
                        </span>
                        <span data-rule="weekdays">weeks on @foreach ($words::WEEKDAYS as $n => $name)
                                <label class="day"><input type="checkbox" name="weekdays[]"
                                        value="{{ $n }}"
                                        @checked(in_array($n, $weekdays, true))>{{ $name }}</label>
                            @endforeach
                        </span>
                        <span data-rule="nth">months</span>
                    </p>
                    @php
                        [$counters, $gauges] = $meters->partition(fn($meter) => !$meter->isGauge());
                    @endphp

                    @if ($counters->isEmpty())
                        <p data-rule="usage">{{ $asset->tag }} has no meter yet: <a
                                href="/assets/{{ $asset->id }}/meters/new">put a counter on
                                it</a> first.</p>
                    @else<p data-rule="interval weekdays nth usage"><span class="lead-in"
                                data-rule="interval weekdays nth">or, whichever comes first,</span>
                            @php
                                $lineWords =
                                    $get('usage_every') === null
                                        ? ''
                                        : rtrim(rtrim((string) $get('usage_every'), '0'), '.');
                            @endphp
                            every <input type="text" inputmode="decimal" name="usage_every"
                                size="6" value="{{ $lineWords }}"
                                aria-label="Units of the meter" {{ $bad('usage_every') }}> on
                            <select name="meter_id" aria-label="Meter" {{ $bad('meter_id') }}>
                                <option value="">no meter</option>
                                @php
                                    $onlyCounter =
                                        !$schedule->exists && $counters->count() === 1
                                            ? $counters->first()->id
                                            : null;
                                @endphp
                                @foreach ($counters as $meter)
                                    <option value="{{ $meter->id }}"
                                        @selected((string) ($get('meter_id') ?? $onlyCounter) === (string) $meter->id)>
                                        {{ $meter->name }}
                                        ({{ $meter->unit }})
                                        {{ $meter->asset_id === $asset->id ? '' : ' of ' . $meter->asset->tag }}
                                    </option>
                                @endforeach
                            </select>
                            <span class="lead-in">; it showed</span> <input type="text"
                                inputmode="decimal" name="usage_last" size="6"
                                value="{{ old('usage_last', $typed['usage_last'] ?? '') }}"
                                aria-label="Reading when last done" {{ $bad('usage_last') }}> <span
                                class="quiet small">when last done, if known</span>
                        </p>
                    @endif
                    @if ($gauges->isEmpty())
                        <p data-rule="condition">{{ $asset->tag }} has no gauge yet: <a
                                href="/assets/{{ $asset->id }}/meters/new">put one on it</a>
                            first.</p>
                    @else<p><span class="lead-in"><span
                                    data-rule="interval weekdays nth usage">or
                                </span>when</span> <select name="gauge_id" aria-label="Gauge"
                                {{ $bad('gauge_id') }}>
                                <option value="">no gauge</option>
                                @foreach ($gauges as $gauge)
                                    <option value="{{ $gauge->id }}"
                                        @selected((string) $get('gauge_id') === (string) $gauge->id)>
                                        {{ $gauge->name }}
                                        ({{ $gauge->unit }})
                                        {{ $gauge->asset_id === $asset->id ? '' : ' of ' . $gauge->asset->tag }}
                                    </option>
                                @endforeach
                            </select>
                            is <select name="condition_beyond" aria-label="Beyond which side">
                                <option value="high" @selected($get('condition_beyond') !== 'low')>above</option>
                                <option value="low" @selected($get('condition_beyond') === 'low')>below</option>
                                @php
                                    $lineWords2 =
                                        $get('condition_limit') === null
                                            ? ''
                                            : rtrim(
                                                rtrim((string) $get('condition_limit'), '0'),
                                                '.',
                                            );
                                @endphp
                            </select> <input type="text" inputmode="decimal"
                                name="condition_limit" size="6"
                                value="{{ $lineWords2 }}" aria-label="Limit"
                                {{ $bad('condition_limit') }}> for <input type="number"
                                name="condition_readings" min="1" max="20"
                                value="{{ $get('condition_readings', 1) }}"
                                aria-label="Readings in a row" {{ $bad('condition_readings') }}>
                            in a row; <span class="lead-in">back inside means
                                @php
                                    $lineWords3 =
                                        $get('condition_hysteresis') === null
                                            ? '0'
                                            : (rtrim(
                                                rtrim((string) $get('condition_hysteresis'), '0'),
                                                '.',
                                            ) ?:
                                            '0');
                                @endphp
                                by</span> <input type="text" inputmode="decimal"
                                name="condition_hysteresis" size="4"
                                value="{{ $lineWords3 }}" aria-label="Hysteresis"
                                {{ $bad('condition_hysteresis') }}> <span
                                class="quiet small">Readings from the day on which it was last done
                                count, or else from now on; earlier ones do not.</span>
                        </p>
                    @endif
                    <p><span data-rule="interval weekdays nth"><span class="lead-in">first on or
                                after</span> <input type="date" name="anchor_on"
                                value="{{ $get('anchor_on') }}" aria-label="First date"
                                {{ $bad('anchor_on') }}> <span class="lead-in">;
                            </span></span><span class="lead-in">last done</span> <input
                            type="date" name="last_done_on"
                            value="{{ $get('last_done_on') }}" aria-label="Last done"
                            {{ $bad('last_done_on') }}> <span class="quiet small">if it was</span>
                    </p>
                    <p data-rule="interval weekdays nth">A date on a non-working day <select
                            name="non_working" aria-label="Non-working days">
                            @foreach ($words::MOVES as $key => $text)
                                <option value="{{ $key }}" @selected($get('non_working', 'keep') === $key)>
                                    {{ $text }}
                                </option>
                            @endforeach
                        </select>
                    </p>
                    <p data-rule="interval usage">When late, carry over <select name="late_share"
                            aria-label="Share of lateness">
                            @php
                                $lineRows = [
                                    0 => '0 %: keep to the plan',
                                    25 => '25 %',
                                    50 => '50 %',
                                    75 => '75 %',
                                    100 => '100 %: count from completion',
                                ];
                            @endphp
                            @foreach ($lineRows as $n => $name)
                                <option value="{{ $n }}" @selected((int) $get('late_share', 0) === $n)>
                                    {{ $name }}
                                </option>
                            @endforeach
                        </select>
                        ; when early, <select name="early_share" aria-label="Share of earliness">
                            @foreach ([0, 25, 50, 75, 100] as $n)
                                <option value="{{ $n }}" @selected((int) $get('early_share', 0) === $n)>
                                    {{ $n }}
                                    %</option>
                            @endforeach
                        </select>
                    </p>
                    <p>Make the order <input type="number" name="lead" min="0"
                            max="999" value="{{ $get('lead', 5) }}" aria-label="Lead"
                            required {{ $bad('lead') }}> <select name="lead_unit"
                            aria-label="Unit of the lead">
                            <option value="days" @selected($get('lead_unit') === 'days')>days before
                            </option>
                            <option value="percent" @selected($get('lead_unit') === 'percent')>% of the interval
                                before</option>
                        </select> <label class="day"><input type="checkbox"
                                name="approve_at_once" value="1"
                                @checked($approve)>approved at once</label></p>
                </div>
                <details class="act" @if (
                    $months !== [] ||
                        $get('tolerance_days') ||
                        $get('near_days') ||
                        $get('least_gap') ||
                        $get('ends_on') ||
                        $errors->hasAny(['ends_on', 'near_days', 'tolerance_days', 'least_gap', 'months'])) open @endif>
                    <summary>More: name, team, season, tolerance, end</summary>
                    <div class="secs">
                        <div class="pair"><x-field name="name" label="Name"
                                :value="$typed['name'] ?? $schedule->name" hint="Empty: the method’s name." /><x-field
                                name="team_id" label="Team" type="select">
                                <option value="">that of the asset</option>
                                @foreach ($teams as $team)
                                    <option value="{{ $team->id }}"
                                        @selected((string) $get('team_id') === (string) $team->id)>
                                        {{ $team->name }}</option>
                                @endforeach
                            </x-field>
                        </div>
                        <fieldset>
                            <legend>Only in these months (none ticked: all year)</legend>
                            <div class="choices">
                                @foreach ($words::MONTHS as $n => $name)
                                    <label><input type="checkbox" name="months[]"
                                            value="{{ $n }}"
                                            @checked(in_array($n, $months, true))>
                                        {{ $name }}</label>
                                @endforeach
                            </div>
                        </fieldset>
                        <div class="pair"><x-field name="tolerance_days"
                                label="On time within ± days" type="number" min="0"
                                :value="$get('tolerance_days')"
                                hint="Empty: 10 % of the interval, at least 1." />
                            <div class="field"><label><input type="checkbox" name="statutory"
                                        value="1" @checked($get('statutory'))> Statutory: no
                                    day after
                                    the planned one is on time</label></div><x-field
                                name="near_days" label="Near from, days before" type="number"
                                min="0" :value="$get('near_days')"
                                hint="Empty: twice the lead, or 10 %." /><x-field name="least_gap"
                                label="Least gap after completion, days" type="number"
                                min="0" :value="$get('least_gap', 0)" /><x-field name="ends_on"
                                label="Ends on" type="date" :value="$get('ends_on')" />
                        </div>
                    </div>
                </details>
                @if ($alike->isNotEmpty())
                    <details class="act" @if (old('also') || $errors->has('also')) open @endif>
                        <summary>Also on others of its class</summary>
                        <div class="secs">
                            <div class="column-choice">
                                @foreach ($alike as $other)
                                    <div><label><input type="checkbox" name="also[]"
                                                value="{{ $other->id }}"
                                                @checked(in_array(
                                                        (string) $other->id,
                                                        array_map('strval', (array) old('also', $typed['also'] ?? [])),
                                                        true))> {{ $other->tag }}
                                            <span
                                                class="quiet small">{{ $other->name }}</span></label>
                                    </div>
                                @endforeach
                            </div>
                            <x-field name="stagger" label="Each so many days after the one before"
                                type="number" min="0" max="366" :value="$typed['stagger'] ?? 0" />
                            @error('also')
                                <span class="error">{{ $message }}</span>
                            @enderror
                        </div>
                    </details>
                @endif
                @if ($schedule->exists)
                    <details class="act" @if (old('from_on') || $errors->has('from_on')) open @endif>
                        <summary>Let the change take effect on a later day</summary>
                        <div class="secs"><x-field name="from_on" label="Takes effect on"
                                type="date"
                                hint="Until then the present rule holds. Empty: at once." /></div>
                    </details>
                @endif
                @php
                    $existsWords = $schedule->exists
                        ? 'Save the schedule'
                        : 'Put it on ' . ($round ? 'the round' : $asset->tag);
                @endphp
                <div class="foot-buttons"><button
                        class="btn strong">{{ $existsWords }}</button><noscript><button
                            class="btn"
                            formaction="/assets/{{ $asset->id }}/schedules/preview"
                            name="_method" value="POST"
                            formnovalidate>Preview</button></noscript><a class="btn"
                        href="{{ $schedule->exists ? "/schedules/{$schedule->id}" : "/assets/{$asset->id}" }}">Leave</a>
                </div>
            </div>
            <aside class="preview" id="preview" aria-live="polite">
                @include('planning.schedules.preview', $preview)</aside>
        </form>
    </div>
</div>
