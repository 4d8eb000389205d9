<x-sheet title="Figures of the stores">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta><span>worth today <b>{{ $w->money($now) }}</b></span><span>a year ago
            <b>{{ $w->money($then) }}</b></span><span>used in a year
            <b>{{ $w->money($used) }}</b></span>
        <span>turned over
            <b>{{ $turnover === null ? '—' : number_format($turnover, 2) . ' times' }}</b> a
            year</span>
    </x-slot:meta>
    <x-section title="Used by month" id="usage">
        @if ($bars === [])
            <p class="quiet small">Nothing was handed over in a year.</p>
        @else
            <svg class="usage" viewBox="0 0 720 126" role="group"
                aria-label="Value handed over by month">
                @foreach ($bars as $bar)
                    <a href="/stores/figures?month={{ $bar['key'] }}#month">
                        <rect class="free" x="{{ $bar['x'] + 8 }}" y="{{ 100 - $bar['height'] }}"
                            width="44" height="{{ $bar['height'] }}" />
                        <text x="{{ $bar['x'] + 30 }}" y="{{ 96 - $bar['height'] }}"
                            text-anchor="middle">{{ $w->number(intdiv($bar['cents'], 100)) }}</text>
                        <text x="{{ $bar['x'] + 30 }}" y="118"
                            text-anchor="middle">{{ $bar['month'] }}</text>
                    </a>
                @endforeach
                <line class="board" x1="0" y1="100" x2="720" y2="100" />
            </svg>
        @endif
    </x-section>
    @includeWhen($month, 'stores.figures.month')
    @include('frame.rest')
</x-sheet>
