<section class="part" id="lanes">
    <h3>How long it has stood there <span class="aside quiet">each post an order; in the hatched
            part longer than agreed</span></h3>
    <div class="lanes">
        @foreach ($lanes as $lane)
            <div class="lane">
                <a class="plain" href="{{ $lane->href }}"><b>{{ $lane->name }}</b><span
                        class="quiet">{{ $lane->wants }}</span></a>
                <svg viewBox="0 0 1000 44" preserveAspectRatio="none" role="group"
                    aria-label="{{ $lane->name }}: {{ $lane->wants }}">
                    <rect class="over" x="{{ $lane->agreed }}" y="0"
                        width="{{ 1000 - $lane->agreed }}" height="40" />
                    <line class="ground" x1="0" y1="40" x2="1000"
                        y2="40" />
                    @foreach ($lane->posts as [$at, $isOver, $href, $says, $many])
                        <a href="{{ $href }}" tabindex="-1">
                            <title>{{ $says }}</title>
                            <rect class="reach" x="{{ $at - 5 }}" y="6" width="14"
                                height="36" />
                            <path @class(['shade', 'long' => $isOver])
                                d="M{{ $at }},40 l{{ 4 + intdiv($at, 20) }},-3 v3 z" />
                            <path @class(['gnomon', 'long' => $isOver, 'many' => $many > 1])
                                d="M{{ $at - 4 }},40 l4,-26 l4,26 z" />
                        </a>
                    @endforeach
                </svg>
            </div>
        @endforeach
        <div class="lane scale" aria-hidden="true"><span></span>
            <div>
                @foreach (array_keys($knots) as $days)
                    <i>{{ $days === 0 ? 'today' : "{$days} d" }}</i>
                @endforeach
            </div>
        </div>
    </div>
</section>
