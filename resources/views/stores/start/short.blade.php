<section class="part" id="short">
    <h3>What will run short <span
            class="aside quiet">{{ $short === 0 ? '' : $w->count($short, 'part') . ' within twelve weeks' }}</span>
    </h3>
    @if ($rows === [])
        <p class="quiet">There is enough of everything for all that is to come within twelve weeks.
        </p>
    @else
        <svg class="short-rows" viewBox="0 0 800 {{ 44 + count($rows) * 30 }}" role="group"
            aria-label="{{ $short }} parts run short within twelve weeks; the same stands in the table below">
            @foreach ($ticks as $tick)
                <line class="tick" x1="{{ $tick['x'] }}" y1="18" x2="{{ $tick['x'] }}"
                    y2="{{ 26 + count($rows) * 30 }}" />
                <text class="day" x="{{ $tick['x'] }}" y="12"
                    text-anchor="middle">{{ $tick['label'] }}</text>
            @endforeach
            @foreach ($rows as $row)
                <a href="/parts/{{ $row['id'] }}">
                    <text class="name" x="0"
                        y="{{ $row['y'] + 4 }}">{{ Str::limit($row['name'], 34, '…') }}</text>
                    <line class="lead" x1="{{ $row['orderX'] }}" y1="{{ $row['y'] }}"
                        x2="{{ $row['x'] }}" y2="{{ $row['y'] }}" />
                    @foreach ($row['nights'] as $night)
                        <rect class="night" x="{{ $night['x'] }}" y="{{ $row['y'] - 7 }}"
                            width="{{ $night['width'] }}" height="14" />
                    @endforeach
                    <circle class="short" cx="{{ $row['x'] }}" cy="{{ $row['y'] }}"
                        r="5" />
                </a>
            @endforeach
        </svg>
        <table>
            <thead>
                <tr>
                    <th>part</th>
                    <th>runs short</th>
                    <th>to be in time</th>
                    <th class="drop">first it is wanted by</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        <td><a href="/parts/{{ $row['id'] }}">{{ $row['name'] }}</a></td>
                        <td>{{ $row['says'] }}</td>
                        <td @class(['late-text' => $row['orderBy'] === 'order today'])>{{ $row['orderBy'] }}</td>
                        <td class="drop small">
                            @if ($row['first'])
                                <a href="{{ $row['first']->href }}">{{ $row['first']->what }}</a>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
