@php
    $asks = ['store_id', 'which', 'bins', 'most'];
@endphp
<x-move title="Make a sheet to walk with" action="/counts" button="Make the sheet" :fields="$asks">
    <div class="pair">
        @include('stores.part.store-choice')
        <x-field name="which" label="Which parts" type="select" required>
            <x-option name="which" value="due">those that are due</x-option>
            <x-option name="which" value="bins">those whose bin begins with</x-option>
            <x-option name="which" value="all">all of the store</x-option>
        </x-field>
        <x-field name="bins" label="Bins that begin with" maxlength="20" placeholder="C-1" />
        <x-field name="most" label="At most so many" type="number" min="1" max="400"
            value="40" />
    </div>
    <div class="choices field"><label><input type="checkbox" name="blind" value="1" checked>
            Blind: the sheet does not say what the books say</label></div>
</x-move>
