@php
    $as = "turns[{$i}]";
    $checked = $days($turn);
@endphp
<fieldset class="run">
    <legend>{{ ($turn['name'] ?? '') === '' ? 'One more shift, if there is one' : $turn['name'] }}
    </legend>
    <div class="pair">
        <x-field :name="$as . '[name]'" label="Name" :value="$turn['name'] ?? null" maxlength="40" />
        <x-field :name="$as . '[times]'" label="From and to" :value="$turn['times'] ?? null" placeholder="06:00-14:00"
            maxlength="30" />
        <x-field :name="$as . '[breaks]'" label="Breaks" :value="$turn['breaks'] ?? null" placeholder="12:00-12:30"
            maxlength="120" />
    </div>
    @error("turns.{$i}.weekdays")
        <p class="error">{{ $message }}</p>
    @enderror
    <div class="choices field">
        @foreach ($weekdays as $n => $name)
            <label><input type="checkbox" name="{{ $as }}[weekdays][]"
                    value="{{ $n + 1 }}" @checked(in_array($n + 1, $checked, true))>
                {{ $name }}</label>
        @endforeach
    </div>
</fieldset>
