{{-- Its last five shifts as bars, as high as they were effective; hollow where nothing is known. --}}
<svg class="line-glyph" viewBox="0 0 44 26" width="34" height="20" aria-hidden="true">
    @foreach ($line->lately as $i => $share)
        @php
            $high = max(2, round(20 * min(1, $share ?? 0), 1));
            $look = $share === null ? 'unknown' : 'lit';
            $x = 1 + 8.5 * $i;
        @endphp
        <rect class="{{ $look }}" x="{{ $x }}" y="{{ 22 - $high }}"
            width="7" height="{{ $high }}" />
    @endforeach
    <path d="M0 22.5h44" />
</svg>
