@php
    $as = "runs[{$i}]";
    $rejects = $row['rejects'] ?? null;
@endphp
<fieldset class="run">
    <legend>Run
        {{ $i + 1 }}{{ $i > 0 && ($row['total'] ?? null) === null ? ', if there was another' : '' }}
    </legend>
    <div class="pair">
        <x-field :name="$as . '[product_id]'" label="Product" type="select">
            <option value="">–</option>
            @foreach ($form['products'] as $product)
                <option value="{{ $product->id }}" @selected((int) ($row['product_id'] ?? 0) === $product->id)>
                    {{ $product->name }}</option>
            @endforeach
        </x-field>
        <x-field :name="$as . '[from]'" label="From" :value="$row['from'] ?? null" placeholder="06:00" maxlength="5"
            inputmode="numeric" />
        <x-field :name="$as . '[to]'" label="To" :value="$row['to'] ?? null" placeholder="14:00"
            maxlength="5" inputmode="numeric" />
        <x-field :name="$as . '[total]'" label="Made in all" :value="$row['total'] ?? null" inputmode="numeric" />
        <x-field :name="$as . '[rejects]'" label="Rejected of them" :value="$rejects" inputmode="numeric" />
        <x-field :name="$as . '[reworked]'" label="Reworked of those" :value="$row['reworked'] ?? null"
            inputmode="numeric" />
    </div>
    @if ($form['reasons']->isNotEmpty())
        <details class="again" @if (array_filter((array) ($row['by'] ?? [])) !== []) open @endif>
            <summary>Rejected by reason</summary>
            <div class="pair">
                @foreach ($form['reasons'] as $reason)
                    @php
                        $field = "{$as}[by][{$reason->id}]";
                        $pieces = $row['by'][$reason->id] ?? null;
                    @endphp
                    <x-field :name="$field" :label="$reason->name" :value="$pieces"
                        inputmode="numeric" />
                @endforeach
            </div>
        </details>
    @endif
</fieldset>
