<section class="part" id="minutes">
    <h3>Where {{ $said->minutes($oee->planned / 60) }} minutes went
        @if ($said->onePercent($sum))
            <span
                class="aside quiet">{{ $said->onePercent($seesCosts ? $sum : $sum->withoutWorth()) }}</span>
        @endif
    </h3>
    @if ($oee->planned === 0)
        <p class="quiet small">Nothing is known of this shift yet: enter what it made, or what stood.
        </p>
    @else
        <svg class="fall" viewBox="0 0 720 {{ 22 * count($fall) + 4 }}" width="720"
            height="{{ 22 * count($fall) + 4 }}" role="img"
            aria-label="From planned time to good pieces, in minutes">
            @foreach ($fall as $i => $bar)
                @php
                    $y = 2 + 22 * $i;
                    $end = 90 + max($bar['x'] + $bar['width'], 0) + 6;
                @endphp
                <text x="84" y="{{ $y + 12 }}" text-anchor="end">{{ $bar['name'] }}</text>
                <rect class="{{ $bar['name'] }}" x="{{ 90 + round($bar['x'], 1) }}"
                    y="{{ $y + 1 }}" width="{{ max(0.5, round($bar['width'], 1)) }}"
                    height="14" />
                <text class="mono" x="{{ round($end, 1) }}"
                    y="{{ $y + 12 }}">{{ $bar['sign'] }}{{ $said->minutes(abs($bar['minutes'])) }}
                    min {{ $bar['says'] }}</text>
            @endforeach
        </svg>
    @endif
</section>
