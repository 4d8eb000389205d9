<div class="pair">
    <x-field name="number" label="Number" :value="$product?->number" required maxlength="40" />
    <x-field name="name" label="Name" :value="$product?->name" required maxlength="120" />
    <x-field name="unit" label="Counted in" :value="$product?->unit ?? 'pc'" required maxlength="12" />
</div>
