<x-field name="second_id" label="Seen by" type="select">
    <option value="">nobody else</option>
    @foreach ($seconds as $person)
        <x-option name="second_id" :value="$person->id">{{ $person->name }}</x-option>
    @endforeach
</x-field>
