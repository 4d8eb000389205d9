@props(['state', 'hold' => null, 'glyph' => false])
<span class="state">
    {!! $frame->post($state->value, $glyph) !!}@unless ($glyph)
    {{ $state->value }}{{ $hold ? " · {$hold}" : '' }}
@endunless
</span>
