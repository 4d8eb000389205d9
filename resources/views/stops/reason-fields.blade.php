<div class="pair">
    <x-field name="name" label="Name" :value="$reason?->name" required maxlength="60" />
    <x-field name="kind" label="It is" type="select" required>
        @foreach ($kinds as $kind)
            <x-option name="kind" :value="$kind->value"
                :current="$reason?->kind->value">{{ $kind->value }}</x-option>
        @endforeach
    </x-field>
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
        <option value="">every machine</option>
        @foreach ($lines as $line)
            <x-option name="line_id" :value="$line->id" :current="$reason?->line_id">{{ $line->asset->name }}
                alone</x-option>
        @endforeach
    </x-field>
    <x-field name="class_id" label="For" type="select">
        <option value="">all classes</option>
        @foreach ($classes as $class)
            <x-option name="class_id" :value="$class->id"
                :current="$reason?->class_id">{{ $class->name }}</x-option>
        @endforeach
    </x-field>
</div>
