@php
    $isComing = $comes ?? false;
    $named = $field ?? 'lots';
    $keeps = $part->shelf_days ? "Empty: {$part->shelf_days} days from today." : null;
    $goesFirst = $isComing ? null : 'Empty: what expires first goes first.';
    $pieces = $isComing
        ? 'One in each line, as many as come in.'
        : 'One in each line. Empty: those that came first.';
@endphp
@if ($part->tracked === 'serial')
    <x-field :name="$named" label="Serial numbers" type="textarea" rows="2"
        :hint="$pieces" />
@elseif ($part->tracked === 'batch')
    <x-field :name="$named" label="Batch" maxlength="60" :hint="$goesFirst" />
    @if ($isComing)
        <x-field name="best_before" label="Keeps until" type="date" :hint="$keeps" />
    @endif
@endif
