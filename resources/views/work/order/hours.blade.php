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
    @include('work.order.bookings')
    @include('work.order.book')
</section>
