{{-- The way out where a finish was questioned: it is right all the same. --}}
@php
    $asked = session('causes') ?? [];
    $isTime = ($asked['finished_at'] ?? null) === 'doubtful';
@endphp
@if ($isTime || ($asked['unanswered'] ?? null) === 'doubtful')
    <div class="field"><label><input type="checkbox" name="it_is_right" value="1">
            {{ $isTime ? 'It is right: finished at that time' : 'It is right without these answers' }}</label>
    </div>
@endif
