{{-- The way out where the time of a finish was questioned: it is right all the same. --}}
@if ((session('causes')['finished_at'] ?? null) === 'doubtful')
    <div class="field"><label><input type="checkbox" name="it_is_right" value="1">
            It is right: finished at that time</label></div>
@endif
