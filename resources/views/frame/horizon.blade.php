<section class="horizon" id="horizon" aria-label="Horizon" @if ($oob ?? false) hx-swap-oob="true" @endif @if (! $horizon) hidden @endif>
@if ($horizon)
    <div class="about"><span><b>Horizon</b> · {{ $horizon->about }}</span><span>a week back, eight weeks ahead{{ $horizon->crowded ? " · {$horizon->crowded} more than fit" : '' }}</span></div>
    <div class="band" tabindex="0" role="group" aria-label="Coming visits and open orders"><svg viewBox="0 0 {{ App\Platform\Frame\Horizon::WIDTH }} 84" role="list">
        <rect class="past" x="0" y="0" width="{{ $horizon->x($horizon->today) }}" height="84"/>
        @foreach ($horizon->weeks() as $week)<line class="week" x1="{{ $horizon->x($week) }}" y1="18" x2="{{ $horizon->x($week) }}" y2="84"/>@if (abs($horizon->x($week) - $horizon->x($horizon->today)) > 52 && $horizon->x($week) < App\Platform\Frame\Horizon::WIDTH - 48)<text class="axis" x="{{ $horizon->x($week) + 4 }}" y="13">{{ $w->day($week) }}</text>@endif
        @endforeach
        <line class="now" x1="{{ $horizon->x($horizon->today) }}" y1="0" x2="{{ $horizon->x($horizon->today) }}" y2="84"/><text class="today" x="{{ $horizon->x($horizon->today) + 4 }}" y="13">today</text>
        @foreach ($horizon->placed as $item)
            @php($class = str_replace(' ', '-', $item['mark']->state))
            <a href="{{ $item['mark']->href }}" role="listitem" aria-label="{{ $item['mark']->label }}, {{ $w->day($item['mark']->from) }}"><title>{{ $item['mark']->label }}, {{ $w->day($item['mark']->from) }}</title>
                @if ($item['mark']->shape === 'bar')<rect class="bar {{ $class }}" x="{{ $item['x'] }}" y="{{ $item['y'] - 9 }}" width="{{ max(10, $item['width']) }}" height="13" rx="2"/>
                @else<circle class="point {{ $class }}" cx="{{ $item['x'] }}" cy="{{ $item['y'] - 3 }}" r="5.5"/>@endif
                <text class="label" x="{{ $item['x'] + ($item['mark']->shape === 'bar' ? max(10, $item['width']) + 4 : 10) }}" y="{{ $item['y'] + 1.5 }}">{{ $item['label'] }}</text></a>
        @endforeach
    </svg></div>
@endif
</section>
