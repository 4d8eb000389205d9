@php
    $asks = ['part', 'part_quantity', 'supplier_id'];
@endphp
<x-move title="Buy something else" action="/purchases" button="Write the purchase" :fields="$asks">
    <div class="pair">
        <x-field name="part" label="Part number" required autocomplete="off" />
        <x-field name="part_quantity" label="How many" required inputmode="decimal" />
        <x-field name="part_price" label="Price of one" inputmode="decimal"
            hint="Empty: as in the catalogue." />
        <x-field name="supplier_id" label="Supplier" type="select" required>
            <option value="">choose</option>
            @foreach ($suppliers as $supplier)
                <x-option name="supplier_id" :value="$supplier->id">{{ $supplier->name }}</x-option>
            @endforeach
        </x-field>
        @include('stores.part.store-choice', ['label' => 'Delivered to'])
        <x-field name="expected_on" label="Expected" type="date" />
    </div>
</x-move>
