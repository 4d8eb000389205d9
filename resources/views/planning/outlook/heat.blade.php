<x-section :title="'Hours by trade and ' . $heat->by">
    <x-slot:aside>the darker, the more; busiest
        {{ $heat->most }}{{ $heat->knowsCapacity ? '; hatched: more than the people have' : '' }}</x-slot:aside>
    @php
        $overEnds = $heat->exceeded > count($heat->over) ? ' and others.' : '.';
    @endphp
    @if ($heat->exceeded > 0)
        <p class="note">
            {{ $w->count($heat->exceeded, "{$heat->by} holds more", "{$heat->by}s hold more") }}
            work than a trade has hours: @foreach ($heat->over as $one)
                <a href="{{ $one['href'] }}#visits">{{ $one['says'] }}</a>
                {{ $one['of'] . ($loop->last ? $overEnds : ', ') }}
            @endforeach
            Move visits within
            their tolerance, here or on the <a href="/calendar">calendar</a>.</p>
    @endif
    @if ($heat->rows === [])
        <p class="quiet">No visit falls into this time.</p>
    @else
        <div class="scroll"><svg class="heat" viewBox="0 0 {{ $heat->width }} {{ $heat->height }}"
                width="{{ $heat->width }}" height="{{ $heat->height }}" role="group"
                aria-label="Hours by trade and {{ $heat->by }}; the same figures stand in the table below it">
                @foreach ($heat->axis as $tick)
                    <text class="axis" x="{{ $tick['x'] }}" y="13">{{ $tick['says'] }}</text>
                @endforeach
                @foreach ($heat->rows as $row)
                    <text class="row" x="122" y="{{ $row['y'] + 19 }}"
                        text-anchor="end">{{ $row['trade'] }}</text>
                    @foreach ($row['fields'] as $field)
                        <a href="{{ $field['href'] }}">
                            <rect x="{{ $field['x'] }}" y="{{ $row['y'] }}"
                                width="{{ $heat->cell - 2 }}" height="28"
                                fill-opacity="{{ $field['opacity'] }}" />
                            @if ($field['over'])
                                <rect class="over" x="{{ $field['x'] }}"
                                    y="{{ $row['y'] }}" width="{{ $heat->cell - 2 }}"
                                    height="28" />
                            @endif
                            <title>{{ $field['title'] }}</title>
                            @if ($field['value'] !== null)
                                <text @class(['value', 'on-dark' => $field['dark']])
                                    x="{{ $field['x'] + ($heat->cell - 2) / 2 }}"
                                    y="{{ $row['y'] + 18 }}"
                                    text-anchor="middle">{{ $field['value'] }}</text>
                            @endif
                        </a>
                    @endforeach
                    <text class="sum" x="{{ $heat->width - 6 }}" y="{{ $row['y'] + 19 }}"
                        text-anchor="end">{{ $row['sum'] }}</text>
                @endforeach
            </svg></div>
        @include('planning.outlook.heat-table')
    @endif
</x-section>
