@php
    $address = $frame->address('/orders', $filter);
@endphp
<div class="filters">
    <h1><span>Work <a class="also" href="/requests">requests</a><x-also name="files"
                :links="['/me/calendars' => 'Calendar addresses']" :export="$address->at('/orders.{format}')" /></span>
        @php
            $totalWords =
                $found === $total
                    ? $w->upTo($total, $most)
                    : $w->upTo($found, $most) . ' of ' . $w->upTo($total, $most);
        @endphp
        <small>{{ $totalWords }}</small>
    </h1>
    <form method="get" action="/orders" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, change target:select, input delay:300ms from:find input[type=search]"
        hx-sync="this:replace">
        <input type="search" name="q" value="{{ $filter['q'] ?? '' }}"
            placeholder="Number, title or asset" aria-label="Search orders"><select name="state"
            aria-label="State">
            <option value="">open</option>
            @foreach (['planned', 'approved', 'under way', 'on hold', 'done', 'closed', 'cancelled', 'all'] as $state)
                <option value="{{ $state }}" @selected($given['state'] === $state)>
                    {{ $state === 'done' ? 'done, to review' : ($state === 'all' ? 'all states' : $state) }}
                </option>
            @endforeach
        </select>
        <select name="mine" aria-label="Whose">
            <option value="">everybody’s</option>
            <option value="1" @selected($given['mine'])>mine and my team’s</option>
        </select>
        @foreach (['batch', 'asset', 'place', 'person', 'late', ...array_keys($given['more'])] as $keep)
            @if (isset($filter[$keep]))
                <input type="hidden" name="{{ $keep }}" value="{{ $filter[$keep] }}">
            @endif
        @endforeach
        <noscript>
            <button class="btn slim">Filter</button></noscript>
    </form>
    <p class="hides">
        @if ($narrowed !== '')
            Only {{ $narrowed }}.
        @endif
        <a
            href="{{ $address->at('/orders/narrow') }}">{{ $narrowed === '' ? 'Narrow it' : 'Change that' }}</a>
        · <a href="{{ $address->at('/orders/table') }}">As a table</a> · <a
            href="{{ $address->at('/orders/board') }}">As a board</a>
    </p>
    @if (isset($filter['batch']))
        <p class="hides">Only what <a href="/release/{{ (int) $filter['batch'] }}">this
                release</a>
            made.</p>
        @endif @if (isset($filter['asset']))
            <p class="hides">Only orders of <a href="/assets/{{ (int) $filter['asset'] }}">one
                    asset</a>.</p>
        @endif
        @if (isset($filter['place']))
            <p class="hides">Only orders at <a href="/places/{{ (int) $filter['place'] }}">one
                    place</a> itself.</p>
        @endif
        @if (isset($filter['person']))
            <p class="hides">Only orders in the hands of one person.</p>
            @endif @if (isset($filter['late']))
                <p class="hides">Only late ones.</p>
            @endif
            @if ($hidden > 0)
                <p class="hides">
                    @php
                        $filterWords =
                            $filter === []
                                ? 'Not shown: ' .
                                    ($hidden > $most ? 'orders' : $w->count($hidden, 'order')) .
                                    ' done, closed or cancelled.'
                                : 'These filters hide ' .
                                    ($hidden > $most
                                        ? 'many orders'
                                        : $w->count($hidden, 'order')) .
                                    '.';
                    @endphp
                    {{ $filterWords }}
                    <a href="/orders?state=all" hx-target="#index" hx-push-url="true">Show all</a>
                </p>
            @endif
</div>
<div class="rows">
    @forelse ($orders as $order)
        @php
            $late = $order->daysLate($today);
            $due = $order->due_on === null ? '' : 'due ' . $w->day($order->due_on);
            $due = $late > 0 ? "{$late} d late" : $due;
        @endphp
        <a class="row-line" href="{{ $address->at("/orders/{$order->id}") }}"
            data-record="/orders/{{ $order->id }}" hx-target="#sheet"
            @if ($current === $order->id) aria-current="true" @endif><span
                class="state">{!! $frame->post($order->state->value, true) !!}</span><span><span
                    class="n"><b>{{ $order->title }}</b><span
                        class="tag">{{ $order->label() }}</span></span><span
                    class="w">{{ $orderWords->stands($order) }}
                    · {{ $order->worksite()->tag }}{{ $order->due_on ? ' · ' : '' }}<span
                        @class(['late-text' => $late > 0])>{{ $due }}</span>
                    @isset($short[$order->id])
                        · <span class="late-text">parts {{ $short[$order->id] }}</span>
                    @endisset
                </span></span></a>
    @empty<div class="secs empty">
            @php
                $totalSaid =
                    $total === 0
                        ? 'No order yet. Orders are made from schedules, by themselves when their lead has come.'
                        : 'No order matches.';
            @endphp
            <p>{{ $totalSaid }}
            </p>
        </div>
    @endforelse
    @if ($more)
        <a class="more" href="{{ $address->with(['page' => $page + 1]) }}"
            hx-target="#index">Next
            60</a>
        @endif @if ($page > 1)
            <a class="more" href="{{ $address->with(['page' => $page > 2 ? $page - 1 : null]) }}"
                hx-target="#index">Back to the 60 before</a>
        @endif
</div>
