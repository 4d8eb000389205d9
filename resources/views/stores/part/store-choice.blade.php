<x-field :name="$name ?? 'store_id'" :label="$label ?? 'Store'" type="select" required>
    @foreach ($stores as $store)
        <x-option :name="$name ?? 'store_id'" :value="$store->id"
            :current="$current ?? null">{{ $store->name }}</x-option>
    @endforeach
</x-field>
