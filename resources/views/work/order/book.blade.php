@if ($mayWork)
    @php
        $left = max(0, $order->planned_minutes - (int) $booked->sum('minutes'));
        $leftTyped = $left === 0 ? '' : $w->typedTime($left);
    @endphp

    <form class="inline-form" data-form="booking" method="post" action="{{ $by }}/bookings">
        @csrf <x-once />
        <div class="field"><label>Who<br><select name="user_id">
                    @foreach ($people as $person)
                        @if ($person->id === auth()->id() || $frame->can('work-on-any-order'))
                            <option value="{{ $person->id }}" @selected((int) old('user_id', auth()->id()) === $person->id)>
                                {{ $person->name }}</option>
                        @endif
                    @endforeach
                </select>
            </label></div>
        <div class="field"><label>Day<br><input type="date" name="worked_on"
                    value="{{ old('worked_on', $today) }}" max="{{ $today }}"
                    required></label>
        </div>
        <div class="field"><label>Time<br><input name="time" size="6" placeholder="2:30"
                    value="{{ old('time', $leftTyped) }}"></label>
        </div>
        <div class="field"><label>At<br><select name="overtime">
                    @foreach ($lists->overtimes() as $overtime)
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
