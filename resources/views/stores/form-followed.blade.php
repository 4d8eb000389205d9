<fieldset class="pair">
    <legend>Where its pieces are followed, keep for a time or are repaired</legend>
    <x-field name="tracked" label="Followed by" type="select"
        hint="What comes in and goes out then names its batch, or each serial number.">
        <option value="">not followed</option>
        <x-option name="tracked" value="batch" :current="$part->tracked">batch</x-option>
        <x-option name="tracked" value="serial" :current="$part->tracked">serial number</x-option>
    </x-field>
    <x-field name="shelf_days" label="Keeps for so many days" type="number" min="1"
        max="9999" :value="$part->shelf_days" />
    <x-field name="repair_days" label="Comes back from repair after so many days" type="number"
        min="1" max="999" :value="$part->repair_days"
        hint="Empty: it is not repaired but bought again." />
    <x-field name="scrapped_percent" label="Of these beyond repair, in %" type="number"
        min="0" max="100" :value="$part->scrapped_percent ?: null" />
</fieldset>
