<svg class="trend" viewBox="0 0 720 130" width="720" height="130" role="img"
    aria-label="OEE over time; the same as the table below">
    @foreach ([0, 50, 100] as $percent)
        <path class="rule" d="M40 {{ 110 - $percent }}H690" />
        <text class="quiet" x="34" y="{{ 114 - $percent }}"
            text-anchor="end">{{ $percent }}</text>
    @endforeach
    <path class="course" d="{{ $trend['path'] }}" />
    @foreach ($trend['points'] as [$x, $y, $words])
        <circle cx="{{ $x }}" cy="{{ $y }}" r="3">
            <title>{{ $words }}</title>
        </circle>
    @endforeach
</svg>
