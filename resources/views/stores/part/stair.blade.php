<section class="part" id="coming">
    <h3>What is coming <span class="aside quiet">free stock against visits to come, orders and
            receipts</span></h3>
    <svg class="stair" viewBox="0 0 712 236" role="img" aria-label="{{ $stair->says }}">
        @foreach ($stair->nights as $night)
            <rect class="night" x="{{ $night['x'] }}" y="{{ $stair->ground }}"
                width="{{ $night['width'] }}" height="{{ max(0, 208 - $stair->ground) }}" />
        @endforeach
        <line class="board" x1="56" y1="{{ $stair->ground }}" x2="700"
            y2="{{ $stair->ground }}" />
        <line class="axis" x1="56" y1="20" x2="56"
            y2="{{ $stair->ground }}" />
        @if ($stair->point)
            <line class="point" x1="56" y1="{{ $stair->point['y'] }}" x2="700"
                y2="{{ $stair->point['y'] }}" />
            <text class="point" x="700" y="{{ $stair->point['y'] - 4 }}"
                text-anchor="end">{{ $stair->point['label'] }}</text>
        @endif
        @foreach ($stair->demands as $bar)
            <rect class="taken" x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="8"
                height="{{ $bar['height'] }}" />
        @endforeach
        <path class="free" d="{{ $stair->path }}" />
        @foreach ($stair->receipts as $one)
            <path class="comes"
                d="M{{ $one['x'] }} {{ $one['from'] }}V{{ $one['to'] }}m-4 7l4 -7l4 7" />
            <text class="comes" x="{{ $one['x'] > 480 ? $one['x'] - 8 : $one['x'] + 8 }}"
                y="{{ min($stair->ground - 6, $one['to'] + 26) }}"
                text-anchor="{{ $one['x'] > 480 ? 'end' : 'start' }}">{{ $one['label'] }}</text>
        @endforeach
        @if ($stair->short)
            <circle class="short" cx="{{ $stair->short['x'] }}" cy="{{ $stair->ground }}"
                r="5" />
            <text class="short"
                x="{{ $stair->short['x'] + ($stair->short['anchor'] === 'end' ? -9 : 9) }}"
                y="{{ $stair->ground - 6 }}"
                text-anchor="{{ $stair->short['anchor'] }}">{{ $stair->short['label'] }}</text>
        @endif
        <text class="axis" x="50" y="30" text-anchor="end">free</text>
        <text class="axis" x="50" y="{{ max(46, $stair->nowY + 4) }}"
            text-anchor="end">{{ $stair->now }}</text>
        <text class="axis" x="50" y="{{ $stair->ground + 4 }}" text-anchor="end">0</text>
        @foreach ($stair->ticks as $tick)
            <text class="day" x="{{ $tick['x'] }}" y="230">{{ $tick['label'] }}</text>
        @endforeach
    </svg>
    <p class="quiet small">{{ $stair->says }}</p>
</section>
