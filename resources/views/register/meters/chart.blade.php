@php
    [$width, $height] = [$chart->width(), $chart->height()];
    $last = $chart->points[count($chart->points) - 1];
@endphp

<div class="scroll">
    <svg class="chart" viewBox="0 0 {{ $width }} {{ $height }}" role="img"
        aria-label="Total of {{ $meter->name }} over time; the same figures stand in the table below">
        <rect class="past" x="64" y="16" width="{{ $chart->today - 64 }}"
            height="{{ $height - 42 }}" />
        @foreach ($chart->levels as $level)
            <line class="level" x1="64" y1="{{ $level['y'] }}" x2="{{ $width - 14 }}"
                y2="{{ $level['y'] }}" /><text class="axis" x="58" y="{{ $level['y'] + 4 }}"
                text-anchor="end">{{ $level['label'] }}</text>
        @endforeach
        @foreach ($chart->months as $month)
            <line class="month" x1="{{ $month['x'] }}" y1="{{ $height - 26 }}"
                x2="{{ $month['x'] }}" y2="{{ $height - 21 }}" />
            @if ($month['x'] < $width - 40)
                <text class="axis" x="{{ $month['x'] }}" y="{{ $height - 8 }}"
                    text-anchor="middle">{{ $month['label'] }}</text>
            @endif
        @endforeach
        <line class="now" x1="{{ $chart->today }}" y1="10" x2="{{ $chart->today }}"
            y2="{{ $height - 26 }}" /><text class="axis" x="{{ $chart->today - 5 }}" y="14"
            text-anchor="end">today</text>
        @foreach ($chart->goals as $goal)
            @php
                $labelWords = mb_strimwidth($goal['label'], 0, 40, '…');
            @endphp
            <line class="goal" x1="64" y1="{{ $goal['y'] }}" x2="{{ $width - 14 }}"
                y2="{{ $goal['y'] }}" /><text class="goal-label" x="70"
                y="{{ $goal['y'] + ($goal['y'] < 30 ? 14 : -5) }}">{{ $labelWords }}</text>
            @if ($goal['x'] !== null)
                @if ($goal['early'] !== null && $goal['late'] !== null)
                    @php
                        $fan = "M{$last['x']},{$last['y']} L{$goal['early']},{$goal['y']} L{$goal['late']},{$goal['y']} Z";
                    @endphp
                    <path class="fan" d="{{ $fan }}" />
                @endif
                <line class="lead-on" x1="{{ $last['x'] }}" y1="{{ $last['y'] }}"
                    x2="{{ $goal['x'] }}" y2="{{ $goal['y'] }}" />
                <circle class="expected" cx="{{ $goal['x'] }}" cy="{{ $goal['y'] }}"
                    r="5" />
            @endif
        @endforeach
        <polyline class="totals" points="{{ $chart->line }}" />
        @foreach ($chart->points as $point)
            @if ($point['turn'] === 'read')
                <circle class="dot" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="2.6">
                    <title>{{ $point['label'] }}</title>
                </circle>
            @else
                <line class="turn" x1="{{ $point['x'] }}" y1="{{ $point['y'] - 16 }}"
                    x2="{{ $point['x'] }}" y2="{{ $point['y'] + 16 }}" /><text
                    class="turn-label" x="{{ $point['x'] - 6 }}" y="{{ $point['y'] - 9 }}"
                    text-anchor="end">{{ $point['turn'] }}<title>{{ $point['label'] }}
                    </title></text>
            @endif
        @endforeach
        @foreach ($chart->struck as $x)
            <path class="struck" d="M{{ $x - 4 }},{{ $height - 36 }} l8,8 m0,-8 l-8,8">
                <title>a reading struck out</title>
            </path>
        @endforeach
    </svg>
</div>
