<div class="inline-form">
    <div class="field"><label>Who<br><select name="hours[{{ $i }}][user_id]">
                @if ($i > 0)
                    <option value="">nobody else</option>
                @endif
                @foreach ($people as $person)
                    @php
                        $chosen = $i === 0 ? $me : 0;
                    @endphp
                    <option value="{{ $person->id }}" @selected($chosen === $person->id)>
                        {{ $person->name }}</option>
                @endforeach
            </select></label></div>
    @include('work.order.kinds-of-time', ['of' => "hours[{$i}]", 'proposed' => ''])
    @foreach (['user_id', 'time', 'time_half', 'time_double'] as $key)
        @error("hours.{$i}.{$key}")
            <span class="error" role="alert">{{ $message }}</span>
        @enderror
    @endforeach
</div>
