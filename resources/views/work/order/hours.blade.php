<section class="part" id="hours">
    <h3>Hours <span class="aside quiet">planned {{ $w->minutes($order->planned_minutes) }},
            booked
            @php
                $unknown = $booked->whereNull('cost_cents')->sum('minutes');
                $seesCostsWords = $seesCosts
                    ? ', ' .
                        $w->money((int) $booked->sum('cost_cents')) .
                        ($unknown > 0 ? " and {$w->minutes($unknown)} at an unknown cost" : '')
                    : '';
            @endphp
            {{ $w->minutes((int) $booked->sum('minutes')) }}{{ $seesCostsWords }}</span>
    </h3>
    @if ($estimate)
        <p class="small">Nobody has planned its hours. Orders like it took up to
            {{ $w->minutes($estimate->median()) }} in half of the cases,
            {{ $w->minutes($estimate->most()) }} in
            80 % <span class="quiet">({{ $w->count($estimate->orders, 'closed order') }}:
                {{ $estimate->basis }})</span>.</p>
    @endif
    @if ($order->labour->isNotEmpty())
        <p class="quiet small">Planned:
            @php
                $implodeWords = $order->labour
                    ->map(
                        fn($line) => "{$line->people} × {$line->trade_name}, {$w->minutes(
            $line->minutes,
        )} each",
                    )
                    ->implode('; ');
            @endphp
            {{ $implodeWords }}
        </p>
    @endif
    @include('work.order.bookings')
    @include('work.order.book')
</section>
