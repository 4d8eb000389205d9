@props(['state', 'hold' => null, 'glyph' => false])
<span class="state">
    {!! App\Platform\Frame\Post::svg($state->value, $glyph) !!}@unless ($glyph)
    {{ $state->value }}{{ $hold ? " · {$hold}" : '' }}
@endunless
</span>
