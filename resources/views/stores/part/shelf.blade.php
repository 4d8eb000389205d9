<svg class="shelf" width="{{ $shelf->width + 6 }}" height="84" role="img"
    aria-label="{{ $shelf->says }}">
    <line class="board" x1="0" y1="65" x2="{{ $shelf->width + 4 }}" y2="65" />
    @foreach ($shelf->pieces as [$x, $y, $kind])
        <rect class="{{ $kind }}" x="{{ $x }}" y="{{ $y }}"
            width="9" height="9" />
    @endforeach
    <text x="2" y="81">{{ $shelf->each > 1 ? "each {$shelf->each}" : 'on the shelf' }}</text>
    @if ($shelf->dueFrom > 0)
        <text x="{{ $shelf->dueFrom + 2 }}" y="81">due</text>
    @endif
</svg>
