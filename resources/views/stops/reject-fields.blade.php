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
    <x-field name="line_id" label="Offered on" type="select">
        <option value="">every line</option>
        @foreach ($lines as $line)
            <x-option name="line_id" :value="$line->id" :current="$reason?->line_id">{{ $line->asset->name }}
                alone</x-option>
        @endforeach
    </x-field>
</div>
