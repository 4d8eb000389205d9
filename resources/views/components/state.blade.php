@props(['state', 'hold' => null, 'stage' => null, 'glyph' => false])
<span class="state">
    {!! $frame->post($state->value, $glyph) !!}@unless ($glyph)
    {{ $state->value }}{{ $hold ? " · {$hold}" : '' }}{{ $stage ? " · {$stage}" : '' }}
@endunless
</span>
