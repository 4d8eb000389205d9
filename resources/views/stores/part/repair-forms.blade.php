@php
    $backs = ['mended', 'beyond', 'cost', 'mended_lots', 'note', 'second_id'];
    $sends = ['expected_on', 'came_off', 'supplier_id'];
    $usual = 'Empty: in ' . $w->count($part->repair_days, 'day') . '.';
@endphp
@foreach ($repairs->whereNull('over_on') as $repair)
    @php($sent = $w->day($repair->sent_on))
    <x-move title="Take back what was sent {{ $sent }}"
        action="/repairs/{{ $repair->id }}/back" button="Take it back" :fields="$backs">
        <div class="pair">
            <x-field name="mended" label="Came back mended" inputmode="decimal" />
            <x-field name="beyond" label="Beyond repair" inputmode="decimal" />
            <x-field name="cost" label="What the repair cost, {{ $site->currency }}"
                inputmode="decimal" />
            @include('stores.part.which-lots', [
                'comes' => true,
                'field' => 'mended_lots',
            ])
            <x-field name="note" label="Remark" maxlength="250" />
            @include('stores.part.second')
        </div>
    </x-move>
@endforeach
<x-move title="Send some for repair" action="{{ $by }}/repairs" button="Send them"
    :fields="$sends">
    <div class="pair">
        <x-field name="quantity" label="How many" required inputmode="decimal" />
        @include('stores.part.store-choice', [
            'label' => 'They come back to',
            'current' => $rows->first()?->store_id,
        ])
        <x-field name="supplier_id" label="Who repairs them" type="select">
            <option value="">own workshop</option>
            @foreach ($suppliers as $supplier)
                <x-option name="supplier_id" :value="$supplier->id">{{ $supplier->name }}</x-option>
            @endforeach
        </x-field>
        <x-field name="expected_on" label="Expected back" type="date" :hint="$usual" />
        <x-field name="came_off" label="Came off which machine or order" maxlength="200"
            hint="Empty: they lie on the shelf, and take their value along." />
        @include('stores.part.which-lots')
        @include('stores.part.all-the-same')
    </div>
</x-move>
