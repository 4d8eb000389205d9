<div class="inline-form">
    <div class="field"><label>Who<br><select name="hours[{{ $i }}][user_id]">
                @if ($i > 0)
                    <option value="">nobody else</option>
                @endif
                @foreach ($people as $person)
                    @php
                        $chosen = (int) old("hours.{$i}.user_id", $i === 0 ? $me : 0);
                    @endphp
                    <option value="{{ $person->id }}" @selected($chosen === $person->id)>
                        {{ $person->name }}</option>
                @endforeach
            </select></label></div>
    <div class="field"><label>Time<br><input name="hours[{{ $i }}][time]" size="6"
                placeholder="2:30" value="{{ old("hours.{$i}.time") }}"></label></div>
    <div class="field"><label>At<br><select name="hours[{{ $i }}][overtime]">
                @foreach ($lists->overtimes() as $overtime)
                    <option @selected(old("hours.{$i}.overtime") === $overtime->value)>{{ $overtime->value }}</option>
                @endforeach
            </select></label></div>
    @foreach (['user_id', 'time'] as $key)
        @error("hours.{$i}.{$key}")
            <span class="error" role="alert">{{ $message }}</span>
        @enderror
    @endforeach
</div>
