<svg class="asks" width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
    <path d="M4,6 H22 V17 H13 L8,22 V17 H4 Z" />
</svg>
