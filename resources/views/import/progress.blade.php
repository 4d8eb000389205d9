@php
    $rows = $import->size();
    $throughWords =
        $through === 0
            ? 'It waits for its turn, or has just begun.'
            : "{$through} of about {$rows} rows are through.";
@endphp
<p><label>{{ $throughWords }}<br><progress max="{{ $rows }}"
            @if ($through > 0) value="{{ min($through, $rows) }}" @endif></progress></label>
</p>
<p class="quiet">All of it is done, or nothing: until the last row is through, nobody sees any of
    it.</p>
