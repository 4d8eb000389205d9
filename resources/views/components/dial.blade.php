@props(['nearness' => null, 'consumed' => null, 'lead' => null, 'other' => null, 'size' => 26])
@php
    $at = static fn (float $c): array => [round(50 - 38 * cos(M_PI * $c), 1), round(56 - 38 * sin(M_PI * $c), 1)];
    $share = min(2.0, ($consumed ?? 0) / 1000);
    $stroke = $size > 60 ? 5 : ($size > 30 ? 7 : 9);
    $kind = match ($nearness?->value) { 'near', 'due', 'late' => 'near', 'in hand' => 'hand', default => 'clear' };
    [$x, $y] = $at($share);
    [$ax, $ay] = $at(min(1.0, $share));
@endphp
<svg {{ $attributes->class('dial') }} width="{{ $size }}" height="{{ $size }}" viewBox="0 0 100 100" aria-hidden="true">
@if ($nearness !== null)
    <path class="track" d="M12,56 A38,38 0 0 1 88,56" stroke-width="{{ $stroke }}"/>
    @if ($share > 0.005)<path class="arc-{{ $kind }}" d="M12,56 A38,38 0 0 1 {{ $ax }},{{ $ay }}" stroke-width="{{ $stroke }}"/>@endif
    @if ($share > 1)<path class="night" d="M50,56 L88,56 A38,38 0 0 1 {{ $x }},{{ $y }} Z"/>@endif
@endif
    <line class="ground" x1="2" y1="56" x2="98" y2="56" stroke-width="{{ $stroke * 0.45 }}"/>
@if ($nearness !== null)
    @if ($lead !== null && $lead > 0 && $lead < 1000 && $size > 30)@php([$lx, $ly] = [-cos(M_PI * $lead / 1000), -sin(M_PI * $lead / 1000)])<line class="lead" x1="{{ round(50 + 31 * $lx, 1) }}" y1="{{ round(56 + 31 * $ly, 1) }}" x2="{{ round(50 + 46 * $lx, 1) }}" y2="{{ round(56 + 46 * $ly, 1) }}" stroke-width="2.5"/>@endif
    @if ($kind === 'hand')<path class="gnomon" d="M41,56 L59,56 L50,30 Z"/>@endif
    @if ($other !== null)@php([$ox, $oy] = $at(min(2.0, $other / 1000)))<circle class="sun-other" cx="{{ $ox }}" cy="{{ $oy }}" r="{{ $stroke * 1.15 }}" stroke-width="{{ $stroke * 0.55 }}"/>@endif
    <circle class="{{ $share > 1 ? 'sun-late' : "sun-{$kind}" }}" cx="{{ $x }}" cy="{{ $y }}" r="{{ $stroke * 1.35 }}"/>
@endif
</svg>
