<div class="pair">
    <x-field name="name" label="Name" :value="$reason?->name" required maxlength="60" />
    <x-field name="parent_id" label="Added up under" type="select">
        <option value="">itself</option>
        @foreach ($tops as $top)
            @if ($top->id !== $reason?->id)
                <x-option name="parent_id" :value="$top->id"
                    :current="$reason?->parent_id">{{ $top->name }}</x-option>
            @endif
        @endforeach
    </x-field>
</div>
