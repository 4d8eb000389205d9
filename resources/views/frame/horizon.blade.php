<section @class(['horizon', 'folded' => $horizon && $horizon->folded]) id="horizon" aria-label="Horizon" @if ($oob ?? false) hx-swap-oob="true" @endif @if (! $horizon) hidden @endif>
@if ($horizon)
    @php($here = fn (array $with) => request()->fullUrlWithQuery(['span' => null, 'fold' => null] + $with))
    <div class="about"><span><b>Horizon</b> · {{ $horizon->about }}</span>
        <nav aria-label="Time shown" hx-target="#horizon" hx-swap="outerHTML" hx-push-url="false">@unless ($horizon->folded)@foreach (App\Platform\Frame\HorizonSpan::cases() as $span)<a href="{{ $here(['span' => $span->value]) }}" @if ($span === $horizon->span) aria-current="true" @endif>{{ $span->value }}</a>@endforeach @endunless<a href="{{ $here(['fold' => $horizon->folded ? '0' : '1']) }}" aria-expanded="{{ $horizon->folded ? 'false' : 'true' }}">{{ $horizon->folded ? 'unfold' : 'fold' }}</a></nav></div>
    @unless ($horizon->folded)
    <div class="band" tabindex="0" role="group" aria-label="Coming visits and open orders"><svg viewBox="0 0 {{ App\Platform\Frame\Horizon::WIDTH }} 84" role="list" data-day="{{ $horizon->dayWidth() }}">
        <rect class="past" x="0" y="0" width="{{ $horizon->x($horizon->today) }}" height="84"/>
        @foreach ($horizon->ticks() as $tick)<line class="week" x1="{{ $horizon->x($tick) }}" y1="18" x2="{{ $horizon->x($tick) }}" y2="84"/>@if (abs($horizon->x($tick) - $horizon->x($horizon->today)) > 52 && $horizon->x($tick) < App\Platform\Frame\Horizon::WIDTH - 48)<text class="axis" x="{{ $horizon->x($tick) + 4 }}" y="13">{{ $horizon->span === App\Platform\Frame\HorizonSpan::Week ? $w->weekday($tick) : $w->day($tick) }}</text>@endif
        @endforeach
        <line class="now" x1="{{ $horizon->x($horizon->today) }}" y1="0" x2="{{ $horizon->x($horizon->today) }}" y2="84"/><text class="today" x="{{ $horizon->x($horizon->today) + 4 }}" y="13">today</text>
        @foreach ($horizon->placed as $item)
            @php($mark = $item['mark'])
            @php($class = str_replace(' ', '-', $mark->state))
            @php($said = $mark->label.', '.($mark->early ? 'about ' : '').$w->weekday($mark->from).($mark->early ? ', between '.$w->day($mark->early).' and '.($mark->late ? $w->day($mark->late) : 'an open date') : ''))
            <a href="{{ $mark->href }}" role="listitem" aria-label="{{ $said }}{{ $mark->move ? '. Arrow keys move it, Enter keeps the day' : '' }}" @if ($mark->move) data-move="{{ $mark->move['href'] }}" data-version="{{ $mark->move['version'] }}" data-from="{{ $mark->from }}" @endif><title>{{ $said }}</title>
                @if ($mark->shape === 'bar')<rect class="bar {{ $class }}" x="{{ $item['x'] }}" y="{{ $item['y'] - 9 }}" width="{{ $item['width'] }}" height="13" rx="2"/>
                @elseif ($mark->shape === 'bundle')<path class="bundle {{ $class }}" d="M{{ $item['x'] - 6 }},{{ $item['y'] + 3 }} h12 v-5 h-12 z m2,-7 h8 m-6,-3 h4"/>
                @else @if ($item['early'] !== null)<line class="span" x1="{{ $item['early'] }}" y1="{{ $item['y'] - 3 }}" x2="{{ $item['late'] ?? App\Platform\Frame\Horizon::WIDTH }}" y2="{{ $item['y'] - 3 }}"/>@endif<circle class="point {{ $class }}" cx="{{ $item['x'] }}" cy="{{ $item['y'] - 3 }}" r="5.5"/>@endif
                <text class="label" x="{{ $item['x'] + ($mark->shape === 'bar' ? $item['width'] + 4 : 10) }}" y="{{ $item['y'] + 1.5 }}">{{ $item['label'] }}</text></a>
        @endforeach
    </svg></div>
    @endunless
@endif
</section>
