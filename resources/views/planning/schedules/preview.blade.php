<h3>What happens next</h3>
@if ($preview->problem)
    <p class="error">{{ $preview->problem }}</p>
@else
    <p class="small">{{ $preview->sentence }}</p>
    @if ($preview->turn)
        <p class="small">Levels: {{ $preview->turn }}.</p>
    @endif
    @if ($preview->usage)
        <p class="small">{{ $preview->usage }}.</p>
    @endif
    @if ($preview->visits !== [])
        @php($many = $w->count(count($preview->year->points), 'visit'))
        <svg class="year" viewBox="0 0 244 44" role="img"
            aria-label="{{ $many }} within a year">
            <line class="ground" x1="2" y1="22" x2="242" y2="22" />
            @foreach ($preview->year->months as $month)
                <line class="tick" x1="{{ $month['x'] }}" y1="18"
                    x2="{{ $month['x'] }}" y2="26" /><text x="{{ $month['x'] + 2 }}"
                    y="40">{{ $month['letter'] }}</text>
            @endforeach
            @foreach ($preview->year->points as $point)
                <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}"
                    r="{{ $preview->year->radius }}" />
            @endforeach
        </svg>
        <p class="quiet small">A year from today: {{ $many }}.</p>
        <table>
            <thead>
                <tr>
                    <th>visit</th>
                    <th class="r">order made</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($preview->visits as $visit)
                    <tr>
                        <td>{{ $visit['day'] }}
                            @if ($visit['level'])
                                <span class="tag">{{ $visit['level'] }}</span>
                            @endif
                            @if ($visit['between'])
                                <div class="quiet small">{{ $visit['between'] }}</div>
                            @endif
                        </td>
                        <td class="r">{{ $visit['made'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($preview->visits === [] && $preview->warnings === [])
        <p class="error">No visit falls within its end.</p>
    @endif
    @foreach ($preview->warnings as $warning)
        <p class="note small">{{ $warning }}</p>
    @endforeach
    <p class="quiet small">If each visit is done on its
        day{{ $preview->usage ? ', and the meter goes on as it does (≈ is expected)' : '' }}.</p>
@endif
