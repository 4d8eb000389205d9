@props(['priority'])
<span class="state">
    <svg class="strokes" width="18" height="13" viewBox="0 0 18 13" aria-hidden="true">
        @for ($i = 0; $i < 4; $i++)
            <rect class="{{ $i < $priority->strokes() ? 'on' : 'off' }}" x="{{ $i * 5 }}"
                y="0" width="2.6" height="13" />
        @endfor
    </svg>{{ $priority->value }}</span>
