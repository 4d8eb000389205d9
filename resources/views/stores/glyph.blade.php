<svg class="dial" width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
    <rect class="piece" x="6" y="7" width="14" height="14" />
    <line class="ground" x1="2" y1="21" x2="24" y2="21"
        stroke-width="1.2" />
</svg>
