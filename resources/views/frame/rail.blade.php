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
    @foreach ($frame->rail() as $one)
        <a href="{{ $one->href }}"
            @if ($place === $one->key) aria-current="page" @endif><svg class="i"
                viewBox="0 0 24 24" aria-hidden="true">
                <path d="{{ $one->icon }}" />
            </svg>{{ $one->label }}</a>
    @endforeach
    <div class="foot">
        @foreach ($frame->foot() as $one)
            <a href="{{ $one->href }}"
                @if ($place === $one->key) aria-current="page" @endif><svg class="i"
                    viewBox="0 0 24 24" aria-hidden="true">
                    <path d="{{ $one->icon }}" />
                </svg>{{ $one->label }}</a>
        @endforeach
    </div>
</nav>
