@if ($mayWork)
    @php
        $left = max(0, $order->planned_minutes - (int) $booked->sum('minutes'));
        $leftTyped = $left === 0 ? '' : $w->typedTime($left);
    @endphp

    <form class="inline-form" data-form="booking" method="post" action="{{ $by }}/bookings">
        @csrf
        <div class="field"><label>Who<br><select name="user_id">
                    @foreach ($people as $person)
                        @php
                            $isChosen = auth()->id() === $person->id;
                        @endphp
                        @if ($person->id === auth()->id() || $frame->can('work-on-any-order'))
                            <option value="{{ $person->id }}" @selected($isChosen)>
                                {{ $person->name }}</option>
                        @endif
                    @endforeach
                </select>
            </label></div>
        <div class="field"><label>Day<br><input type="date" name="worked_on"
                    value="{{ $today }}" max="{{ $today }}" required></label>
        </div>
        @include('work.order.kinds-of-time', ['of' => '', 'proposed' => $leftTyped])
        @include('work.order.booked-on')
        @include('work.order.spent-on')
        <button class="btn">Book the time</button>
    </form>
    <div class="more-lines">
        @if ($order->labour->isNotEmpty() || $order->parts->isNotEmpty())
            <form method="post" action="{{ $by }}/as-planned">@csrf
                <button class="btn slim">All as planned</button>
            </form>
        @endif
        <a class="btn slim" href="{{ $by }}/hours">Several people, several days</a>
    </div>
    @foreach (['time', 'time_half', 'time_double', 'minutes', 'worked_on', 'user_id'] as $key)
        @error($key)
            <span class="error" role="alert">{{ $message }}</span>
        @enderror
    @endforeach
@endif
