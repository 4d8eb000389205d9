<svg class="bin-bar" width="26" height="20" aria-hidden="true">
    <rect class="all" x="1" y="5" width="24" height="10" />
    <rect class="free" x="1" y="5" width="{{ $line->free }}" height="10" />
    <rect class="promised" x="{{ 1 + $line->free }}" y="5" width="{{ $line->promised }}"
        height="10" />
</svg>
