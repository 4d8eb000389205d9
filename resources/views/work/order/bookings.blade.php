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
                    @php
                        $minutesWords = $w->minutes($booking->minutes);
                        $strikeWords = "Strike out {$minutesWords} of {$booking->person->name}";
                        $halfWords = $booking->half_minutes
                            ? "{$w->minutes($booking->half_minutes)} at time and a half"
                            : '';
                    @endphp
                    <tr @class(['struck' => $booking->strike])>
                        <td>{{ $booking->person->name }}</td>
                        <td>{{ $w->day($booking->worked_on) }}</td>
                        <td class="r">{{ $minutesWords }}</td>
                        <td>{{ $halfWords }}
                            {{ $booking->double_minutes ? "{$w->minutes($booking->double_minutes)} at double" : '' }}
                            {{ $booking->note }}
                            {{ $booking->spent_on->value === 'failure' ? 'for the failure' : '' }}
                        </td>
                        @if ($seesCosts)
                            <td class="r">
                                @php
                                    $centsPerHourWords =
                                        $booking->cost_cents === null
                                            ? 'no rate'
                                            : $w->money($booking->cost_cents);
                                @endphp
                                {{ $centsPerHourWords }}
                            </td>
                        @endif
                        <td class="r">
                            @if ($mayWork && !$booking->strike)
                                <form method="post"
                                    action="{{ $by }}/bookings/{{ $booking->id }}/strike">
                                    @csrf<button class="btn slim"
                                        aria-label="{{ $strikeWords }}">strike
                                        out</button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif
