@php
    $many = fn(?string $of): string => $of === null ? '' : $w->quantity($of);
@endphp
<fieldset class="pair">
    <legend>Where it is not bought or handed over by its unit</legend>
    <x-field name="buy_unit" label="Bought by the" :value="$part->buy_unit" maxlength="12"
        hint="Such as box, drum or roll." />
    <x-field name="buy_of" label="that holds so many" :value="$many($part->buy_of)" inputmode="decimal"
        hint="What to buy is rounded up to whole ones." />
    <x-field name="issue_unit" label="Handed over by the" :value="$part->issue_unit" maxlength="12" />
    <x-field name="issue_of" label="that holds so many" :value="$many($part->issue_of)" inputmode="decimal" />
</fieldset>
