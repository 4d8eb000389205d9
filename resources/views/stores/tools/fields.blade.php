<div class="pair">
    <x-field name="number" label="Number" :value="$tool?->number" required maxlength="40" />
    <x-field name="name" label="What it is" :value="$tool?->name" required maxlength="120" />
    <x-field name="place" label="Where it lies" :value="$tool?->place" maxlength="80" />
    <x-field name="calibrated_until" label="Calibrated until" type="date" :value="$tool?->calibrated_until"
        hint="Empty: it needs no calibration." />
</div>
<x-field name="note" label="Note" :value="$tool?->note" maxlength="500" />
