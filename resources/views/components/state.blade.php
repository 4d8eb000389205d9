@props(['state', 'hold' => null, 'glyph' => false])
@php($v = $state->value)
<span class="state"><svg class="post" width="{{ $glyph ? 30 : 22 }}" height="{{ $glyph ? 22 : 16 }}" viewBox="0 0 100 70" aria-hidden="true"><line class="ground" x1="6" y1="62" x2="94" y2="62"/>
@switch($v)
    @case('planned')<line class="shadow" x1="50" y1="58" x2="12" y2="58"/>@break
    @case('approved')<line class="shadow" x1="50" y1="58" x2="30" y2="58"/>@break
    @case('done')<line class="shadow" x1="50" y1="58" x2="70" y2="58"/>@break
    @case('closed')<line class="shadow" x1="50" y1="58" x2="88" y2="58"/>@break
@endswitch
@if ($v === 'cancelled')<path class="full" d="M30,58 L88,48 L88,58 Z"/>@else<path class="{{ match ($v) { 'draft' => 'hollow', 'under way' => 'on', 'on hold' => 'dashed', default => 'full' } }}" d="M40,60 L50,8 L60,60 Z"/>@endif
</svg>@unless ($glyph){{ $v }}{{ $hold ? " · {$hold}" : '' }}@endunless</span>
