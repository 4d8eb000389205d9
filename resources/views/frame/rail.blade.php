<nav class="rail" id="rail" aria-label="Places"
    @if ($oob ?? false) hx-swap-oob="true" @endif>
    <a class="mark" href="/" aria-label="Sundial, start"><svg width="34" height="34"
            viewBox="0 0 100 100" aria-hidden="true">
            <path d="M14,66 A36,36 0 0 1 86,66" fill="none" stroke="currentColor"
                stroke-width="7" />
            <line x1="4" y1="66" x2="96" y2="66" stroke="currentColor"
                stroke-width="7" />
            <path d="M50,66 L50,34 L72,66 Z" fill="#B86B12" />
        </svg></a>
    @right('see-own-line')
        <a href="/today" @if ($place === 'today') aria-current="page" @endif><svg
                class="i" viewBox="0 0 24 24" aria-hidden="true">
                <path d="M3 18h18M6 18a6 6 0 0 1 12 0M12 5v3M4.5 9.5l2 1.5M19.5 9.5l-2 1.5" />
            </svg>Today</a>
        <a href="/assets" @if ($place === 'assets') aria-current="page" @endif><svg
                class="i" viewBox="0 0 24 24" aria-hidden="true">
                <path d="M4 20V9l5 3V9l5 3V6l6 4v10z" />
            </svg>Assets</a>
    @endright
    @right('see-plant')
        <a href="/schedules" @if ($place === 'plan') aria-current="page" @endif><svg
                class="i" viewBox="0 0 24 24" aria-hidden="true">
                <path d="M4 12a8 8 0 1 1 2 5M4 18v-5h5M12 8v4l3 2" />
            </svg>Plan</a>
        <a href="/orders" @if ($place === 'work') aria-current="page" @endif><svg
                class="i" viewBox="0 0 24 24" aria-hidden="true">
                <path d="M14 6a4 4 0 0 0-5 5L3 17l3 3 6-6a4 4 0 0 0 5-5l-3 2-2-2z" />
            </svg>Work</a>
    @endright
    <div class="foot">
        @right('administer')
            <a href="/setup/people" @if ($place === 'setup') aria-current="page" @endif><svg
                    class="i" viewBox="0 0 24 24" aria-hidden="true">
                    <path d="M4 7h10M18 7h2M4 17h2M10 17h10M14 5v4M8 15v4" />
                </svg>Setup</a>
        @endright
        <a href="/me" @if ($place === 'me') aria-current="page" @endif><svg
                class="i" viewBox="0 0 24 24" aria-hidden="true">
                <circle cx="12" cy="8" r="4" />
                <path d="M4 21a8 8 0 0 1 16 0" />
            </svg>Account</a>
    </div>
</nav>
