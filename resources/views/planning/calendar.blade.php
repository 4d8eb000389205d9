@php
    $address = $frame->address('/calendar', [
        'view' => $view === 'week' ? 'week' : null,
        'on' => (string) $on,
        'team' => $team,
    ]);
    $other = $view === 'week' ? null : 'week';
    $back = $view === 'week' ? $on->plusDays(-7) : $on->firstOfMonth()->plusMonthsClamped(-1);
    $next = $view === 'week' ? $on->plusDays(7) : $on->firstOfMonth()->plusMonthsClamped(1);
    $months = $lists->months();
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/schedules">Plan</a> · {{ $site->name }}</div>
        <h2>{{ $view === 'week' ? 'Week of ' . $w->day($from) : (new DateTimeImmutable((string) $on))->format('F Y') }}
        </h2>
    </div>
    <div class="acts across">
        <form class="inline-form" method="get" action="/calendar" hx-trigger="change"><input
                type="hidden" name="on" value="{{ $on }}">
            @if ($view === 'week')
                <input type="hidden" name="view" value="week">
            @endif
            <select name="team" aria-label="Team">
                <option value="">all teams</option>
                @foreach ($teams as $one)
                    <option value="{{ $one->id }}" @selected($team === $one->id)>
                        {{ $one->name }}</option>
                @endforeach
            </select>
            <noscript><button class="btn">Show</button></noscript>
        </form>
        <a class="btn" href="{{ $address->with(['on' => (string) $back]) }}"
            aria-label="{{ $view === 'week' ? 'The week before' : 'The month before' }}">‹</a> <a
            class="btn" href="{{ $address->with(['on' => (string) $today]) }}">Today</a> <a
            class="btn" href="{{ $address->with(['on' => (string) $next]) }}"
            aria-label="{{ $view === 'week' ? 'The week after' : 'The month after' }}">›</a> <a
            class="btn"
            href="{{ $address->with(['view' => $other]) }}">{{ $other === null ? 'Month' : 'Week' }}</a>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('moved_to')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <p class="quiet small">Drag an order or the next visit of a schedule to another day, or
            choose it with Tab, move
            it with the arrow keys, and press Enter. Visits move within their tolerance.</p>
        <div class="scroll">
            <table class="calendar {{ $view }}">
                <thead>
                    <tr>
                        @foreach ($lists->weekdays() as $name)
                            <th scope="col">{{ $name }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @for ($i = 0; $i < count($worked); $i++)
                        @php
                            $day = $from->plusDays($i);
                            $items = $days[(string) $day] ?? [];
                        @endphp

                        @if ($i % 7 === 0)
                            <tr>
                        @endif
                        <td data-day="{{ $day }}" @class([
                            'rest' => !$worked[$i],
                            'is-today' => $day->is($today),
                            'past' => $day->isBefore($today),
                            'other' => $view === 'month' && $day->month !== $on->month,
                        ])>
                            @php
                                $viewWords =
                                    $day->day === 1 || $view === 'week'
                                        ? $day->day . ' ' . $months[$day->month]
                                        : $day->day;
                            @endphp
                            <span class="date"><a class="plain"
                                    href="{{ $address->with(['view' => 'week', 'on' => (string) $day]) }}"
                                    aria-label="Week of {{ $w->weekday($day) }}"><span
                                        class="not-narrow">{{ $viewWords }}</span><span
                                        class="only-narrow">{{ $w->weekday($day) }}</span></a></span>
                            @foreach (array_slice($items, 0, $most) as $item)
                                <a class="item {{ $item->kind }} {{ str_replace(' ', '-', $item->state) }}"
                                    href="{{ $item->href }}"
                                    @if ($item->move) data-calendar="{{ $item->move['href'] }}"
 data-field="{{ $item->move['field'] }}"
 data-version="{{ $item->move['version'] }}"
 data-from="{{ $day }}"
 draggable="true" @endif
                                    title="{{ $item->title }}, {{ $item->tag }}: {{ $item->state }}">
                                    @if ($item->kind === 'order')
                                        <span class="mark" aria-hidden="true"></span>
                                    @endif
                                    <span class="tag">
                                        {{ $item->tag }}</span> {{ $item->title }}<span
                                        class="hush">,
                                        {{ $item->kind }}, {{ $item->state }},
                                        {{ $w->weekday($day) }}</span>
                                </a>
                            @endforeach
                            @if (count($items) > $most)
                                @php
                                    $dayWords = $address->with([
                                        'view' => 'week',
                                        'on' => (string) $day,
                                    ]);
                                @endphp
                                <a class="more small"
                                    href="{{ $dayWords }}">{{ count($items) - $most }}
                                    more</a>
                            @endif
                        </td>
                        @if ($i % 7 === 6)
                            </tr>
                        @endif
                    @endfor
                </tbody>
            </table>
        </div>
    </div>
</div>
