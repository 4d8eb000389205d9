@php
    $with = fn(array $change) => '/outlook' .
        (($q = http_build_query(
            array_filter(array_merge($query, $change), fn($v) => $v !== null && $v !== ''),
        )) === ''
            ? ''
            : "?{$q}");
    $export = fn(string $format) => '/outlook.' .
        $format .
        ($query === [] ? '' : '?' . http_build_query($query));
    $count = count($hours['stretches']);
    $cell = min(64, intdiv(840, max(1, $count)));
    $most = max([1, ...array_map(fn($line) => max($line), $hours['trades'])]);
    $by = App\Planning\Queries\OutlookQuery::REACH[$reach][1];
    $rows = array_keys($hours['trades']);
    $exceeds = array_flip(array_map(fn($one) => "{$one[0]} {$one[1]}", $over));
    $isOver = fn(string $trade, int $i) => isset($exceeds["{$trade} {$i}"]);
@endphp
@error('moved_to')
    <p class="said said-bad" role="alert">
        {{ $message }}</p>
@enderror
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/schedules">Plan</a></div>
        <h2>Outlook <span class="quiet">of {{ $about }}</span></h2>
        <div class="meta"><span>{{ $w->day($from) }} to
                {{ $w->day($to->plusDays(-1)) }}</span><span><b>{{ $w->number(array_sum($hours['visits'])) }}</b>
                visits, <b>{{ $w->hours(array_sum(array_map('array_sum', $hours['trades']))) }}</b>
                of work</span>
            @if (array_sum($hours['expected']) > 0)
                <span><b>{{ array_sum($hours['expected']) }}</b> on expected dates</span>
                @endif @if ($late > 0)
                    <span class="w late"><a href="/schedules?near=late">{{ $late }} late
                            besides</a></span>
                @endif
        </div>
    </div>
    <div class="acts across"><a class="btn" href="/outlook/what-if">What if</a> <a class="btn"
            href="/calendar">Calendar</a>
        <details class="menu right">
            <summary class="btn">Export</summary>
            <div>
                @foreach (['csv' => 'CSV', 'json' => 'JSON', 'ics' => 'iCalendar'] as $format => $name)
                    <a href="{{ $export($format) }}" hx-boost="false">{{ $name }}</a>
                @endforeach
            </div>
        </details>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/outlook">
            <div class="field"><label>Place<br><select name="place">
                        <option value="">the whole site</option>
                        @foreach ($places as $place)
                            <option value="{{ $place->id }}" @selected(($query['place'] ?? '') === (string) $place->id)>
                                {{ $place->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>Class<br><select name="class">
                        <option value="">any</option>
                        @foreach ($classes as $one)
                            <option value="{{ $one->id }}" @selected($only['class'] === $one->id)>
                                {{ $one->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>Team<br><select name="team">
                        <option value="">any</option>
                        @foreach ($teams as $one)
                            <option value="{{ $one->id }}" @selected($only['team'] === $one->id)>
                                {{ $one->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            @isset($query['asset'])
                <input type="hidden" name="asset" value="{{ $query['asset'] }}">
            @endisset
            <div class="field"><label>From<br><input type="date" name="from"
                        value="{{ $from }}"></label></div>
            <div class="field"><label>Reach<br><select name="reach">
                        @foreach (array_keys(App\Planning\Queries\OutlookQuery::REACH) as $name)
                            <option @selected($name === $reach)>{{ $name }}</option>
                        @endforeach
                    </select>
                </label></div><button class="btn">Show</button>
            @if (isset($query['asset']) || isset($query['place']))
                <a class="btn" href="{{ $with(['asset' => null, 'place' => null]) }}">Whole
                    site</a>
            @endif
        </form>
        <section class="part">
            <h3>Hours by trade and {{ $by }} <span class="aside quiet">the darker, the
                    more; busiest
                    {{ $w->hours($most) }}{{ $capacity === [] ? '' : '; hatched: more than the people have' }}</span>
            </h3>
            @if ($over !== [])
                <p class="note">
                    {{ $w->count(count($over), "{$by} holds more", str_replace('y', 'ie', $by) . 's hold more') }}
                    work
                    than a trade has hours: @foreach (array_slice($over, 0, 6) as [$trade, $i, $minutes, $can])
                        @php
                            $fromWords = $with([
                                'from' => (string) Sundial\Calendar\LocalDate::later(
                                    $hours['stretches'][$i],
                                    $from,
                                ),
                                'reach' => '8 weeks',
                            ]);
                        @endphp
                        <a href="{{ $fromWords }}#visits">{{ $trade }},
                            {{ $w->day($hours['stretches'][$i]) }}</a> ({{ $w->hours($minutes) }}
                        of
                        {{ $w->hours($can) }}){{ $loop->last ? '' : ', ' }}
                    @endforeach{{ count($over) > 6 ? ' and others' : '' }}.
                    Move visits within
                    their tolerance, here or on the <a href="/calendar">calendar</a>.</p>
            @endif
            @if ($rows === [])
                <p class="quiet">No visit falls into this time.</p>
            @else
                <div class="scroll"><svg class="heat"
                        viewBox="0 0 {{ 130 + $cell * $count + 84 }} {{ 24 + 30 * count($rows) }}"
                        width="{{ 130 + $cell * $count + 84 }}"
                        height="{{ 24 + 30 * count($rows) }}" role="group"
                        aria-label="Hours by trade and {{ $by }}; the same figures stand in the table below it">
                        @foreach ($hours['stretches'] as $i => $stretch)
                            @if ($cell >= 40 || $i % (int) ceil(44 / $cell) === 0)
                                @php
                                    $byWords =
                                        $by === 'week'
                                            ? $w->day($stretch)
                                            : ($stretch->month === 1 && $i > 0
                                                ? $stretch->year
                                                : App\Planning\Wording\ScheduleWording::MONTHS[
                                                    $stretch->month
                                                ]);
                                @endphp
                                <text class="axis" x="{{ 130 + $cell * $i + 2 }}"
                                    y="13">{{ $byWords }}</text>
                            @endif
                        @endforeach
                        @foreach ($rows as $r => $trade)
                            <text class="row" x="122" y="{{ 41 + 30 * $r }}"
                                text-anchor="end">{{ $trade }}</text>
                            @foreach ($hours['trades'][$trade] as $i => $minutes)
                                @php
                                    $fromWords2 = $with([
                                        'from' => (string) Sundial\Calendar\LocalDate::later(
                                            $hours['stretches'][$i],
                                            $from,
                                        ),
                                        'reach' => '8 weeks',
                                    ]);
                                @endphp
                                <a href="{{ $fromWords2 }}">
                                    @php
                                        $minutesWords =
                                            $minutes === 0
                                                ? 0.03
                                                : round(0.12 + (0.68 * $minutes) / $most, 2);
                                    @endphp
                                    <rect x="{{ 130 + $cell * $i }}" y="{{ 22 + 30 * $r }}"
                                        width="{{ $cell - 2 }}" height="28"
                                        fill-opacity="{{ $minutesWords }}" />
                                    @if ($isOver($trade, $i))
                                        <rect class="over" x="{{ 130 + $cell * $i }}"
                                            y="{{ 22 + 30 * $r }}" width="{{ $cell - 2 }}"
                                            height="28" />
                                    @endif
                                    <title>
                                        {{ $trade }}, {{ $by }} of
                                        {{ $w->day($hours['stretches'][$i]) }}:
                                        @php
                                            $tradeWords = isset($capacity[$trade])
                                                ? ' of ' . $w->minutes($capacity[$trade][$i])
                                                : '';
                                        @endphp
                                        {{ $w->minutes($minutes) }}{{ $tradeWords }}
                                    </title>
                                    @if ($minutes > 0 && $cell >= 32)
                                        <text @class(['value', 'on-dark' => $minutes > 0.62 * $most])
                                            x="{{ 130 + $cell * $i + ($cell - 2) / 2 }}"
                                            y="{{ 40 + 30 * $r }}"
                                            text-anchor="middle">{{ round($minutes / 60, $cell >= 44 ? 1 : 0) }}</text>
                                    @endif
                                </a>
                            @endforeach
                            <text class="sum" x="{{ 130 + $cell * $count + 78 }}"
                                y="{{ 41 + 30 * $r }}"
                                text-anchor="end">{{ $w->hours(array_sum($hours['trades'][$trade])) }}</text>
                        @endforeach
                    </svg></div>
                <details class="act">
                    <summary>The same as a table</summary>
                    <div class="scroll">
                        <table class="dense">
                            <thead>
                                <tr>
                                    <th>{{ $by }} of</th>
                                    @foreach ($rows as $trade)
                                        <th class="r">{{ $trade }}</th>
                                    @endforeach
                                    <th class="r">
                                        visits</th>
                                    <th class="r">of them expected</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($hours['stretches'] as $i => $stretch)
                                    <tr>
                                        <td>{{ $w->day($stretch) }}</td>
                                        @foreach ($rows as $trade)
                                            <td class="r">
                                                @php
                                                    $iWords = $hours['trades'][$trade][$i]
                                                        ? $w->hours($hours['trades'][$trade][$i]) .
                                                            (isset($capacity[$trade])
                                                                ? ' of ' .
                                                                    $w->hours($capacity[$trade][$i])
                                                                : '')
                                                        : '';
                                                @endphp
                                                {{ $iWords }}{{ $isOver($trade, $i) ? ', over' : '' }}
                                            </td>
                                        @endforeach
                                        <td class="r">
                                            {{ $hours['visits'][$i] ?: '' }}</td>
                                        <td class="r">{{ $hours['expected'][$i] ?: '' }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                </details>
            @endif
        </section>
        @if ($together !== [])
            <section class="part form">
                <h3>Due close together <span class="aside quiet">next visits on one asset within a
                        fortnight</span></h3>
                <table>
                    <tbody>
                        @foreach ($together as $one)
                            <tr>
                                <td><a href="/assets/{{ $one->asset_id }}">{{ $one->name }}</a>
                                    <span class="tag">{{ $one->tag }}</span>
                                </td>
                                <td>{{ $w->count((int) $one->visits, 'visit') }},
                                    @php
                                        $fromOnWords =
                                            $one->to_on === $one->from_on
                                                ? ''
                                                : ' to ' . $w->day($one->to_on);
                                    @endphp
                                    {{ $w->day($one->from_on) }}{{ $fromOnWords }}
                                </td>
                                <td class="r"><a class="btn slim"
                                        href="/assets/{{ $one->asset_id }}/together">Do
                                        together</a></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
        <section class="part" id="visits">
            <h3>Visits</h3>
            @if ($page['rows'] === [])
                <p class="quiet">None from {{ $w->day($from) }}. Schedules are added on the sheets
                    of their assets.
            </p>@else<div class="scroll">
                    <table class="table-narrow">
                        <thead>
                            <tr>
                                <th>day</th>
                                <th>how sure</th>
                                <th>schedule</th>
                                <th>asset</th>
                                <th class="r drop">hours</th>
                                @can('write-plans')
                                    <th></th>
                                @endcan
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($page['rows'] as $visit)
                                <tr>
                                    <td class="nowrap">
                                        @php
                                            $plannedOnWords = $w->weekday(
                                                Sundial\Calendar\LocalDate::parse(
                                                    $visit->planned_on,
                                                ),
                                            );
                                        @endphp
                                        {{ $visit->expected ? '≈ ' : '' }}{{ $plannedOnWords }}
                                    </td>
                                    <td>
                                        @if ($visit->in_hand)
                                            <span class="w in-hand">in hand
                                                {{ $visit->in_hand }}</span>
                                        @elseif ($visit->late)
                                            <span class="w late">late</span>
                                        @elseif ($visit->expected)
                                            @php
                                                $earlyOnWords = $visit->early_on
                                                    ? $w->day($visit->early_on) .
                                                        ' to ' .
                                                        ($visit->late_on
                                                            ? $w->day($visit->late_on)
                                                            : 'open')
                                                    : 'expected';
                                            @endphp
                                            <span
                                            class="quiet">{{ $earlyOnWords }}</span>@else<span
                                                class="quiet">fixed</span>
                                        @endif
                                    </td>
                                    <td><a
                                            href="/schedules/{{ $visit->schedule_id }}">{{ $visit->name }}</a>
                                    </td>
                                    <td><a class="plain"
                                            href="/assets/{{ $visit->asset_id }}">{{ $visit->asset }}
                                            <span class="tag">{{ $visit->tag }}</span></a>
                                    </td>
                                    <td class="r drop">{{ $w->minutes($visit->minutes) }}</td>
                                    @can('write-plans')
                                        <td class="r">
                                            @if ($visit->movable)
                                                <details class="in-place">
                                                    <summary
                                                        aria-label="Move {{ $visit->name }} on {{ $visit->tag }}">
                                                        move
                                                    </summary>
                                                    <form method="post"
                                                        action="/schedules/{{ $visit->schedule_id }}/move">
                                                        @csrf
                                                        @method('put')<input type="date"
                                                            name="moved_to"
                                                            value="{{ $visit->planned_on }}"
                                                            min="{{ $visit->movable[0] }}"
                                                            max="{{ $visit->movable[1] }}"
                                                            aria-label="New day of {{ $visit->name }} on {{ $visit->tag }}"><button
                                                            class="btn slim">Move</button></form>
                                                </details>
                                            @endif
                                        </td>
                                    @endcan
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($page['more'])
                    <a class="btn"
                        href="{{ $with(['after' => implode(',', $page['more'])]) }}">Next
                        {{ count($page['rows']) }}</a>
                @endif
            @endif
            <p class="quiet small">Each visit is taken as done on its day, and each meter as going
                on at its rate.</p>
        </section>
    </div>
</div>
