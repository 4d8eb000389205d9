<x-move title="Many short stops at once" action="/lines/{{ $line->id }}/short-stops"
    button="Note the short stops" :fields="['hour', 'stops', 'minutes', 'why']">
    <div class="pair">
        <x-field name="hour" label="Within the hour from" type="datetime-local" required
            :value="$w->local($record->from_at)->format('Y-m-d\TH:i')" />
        <x-field name="stops" label="How many" type="number" min="1" required />
        <x-field name="minutes" label="Minutes in all" type="number" min="0.1" max="60"
            step="0.1" required />
        <x-field name="why" label="Why" type="select" required>
            @foreach ($form['why'] as $why)
                <x-option name="why" :value="$why">{{ $why }}</x-option>
            @endforeach
        </x-field>
    </div>
</x-move>
