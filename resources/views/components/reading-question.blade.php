@props(['meter', 'message', 'key' => null])
@php
    [$turn, $final] = $key === null ? ['turn', 'old_final'] : ["turn[{$key}]", "old_final[{$key}]"];
@endphp
<div class="note bad" role="alert">
    <p>{{ $message }}</p>
    <fieldset>
        <legend>Which is it?</legend>
        <div class="choices stacked">
            @unless ((session('causes')[$key === null ? 'turn' : "readings.{$key}"] ?? '') === 'falls')
                <label><input type="radio" name="{{ $turn }}" value="confirmed"> It is right as
                    typed</label>
            @endunless
            @if ($meter->rolls_over_at !== null)
                <label><input type="radio" name="{{ $turn }}" value="rolled over">
                    It rolled over: it started again from 0 at
                    {{ $meter->text($meter->rolls_over_at) }}</label>
            @endif
            <label><input type="radio" name="{{ $turn }}" value="replaced"> The
                meter was replaced; the old one showed last <input type="text"
                    inputmode="decimal" name="{{ $final }}" size="8"
                    aria-label="Last reading of the old meter"></label>
            <label><input type="radio" name="{{ $turn }}" value="" checked> It was
                mistyped: correct it and send it again</label>
        </div>
    </fieldset>
</div>
