<h3>
    What happens next</h3>
@if ($problem)
    <p class="error">{{ $problem }}</p>
@else
    <p class="small">{{ $sentence }}</p>
    @if ($turn)
        <p class="small">Levels: {{ $turn }}.</p>
    @endif
    @if ($usage)
        <p class="small">{{ $usage }}.</p>
    @endif
    @if ($visits !== [])<svg class="year"
            viewBox="0 0 244 44" role="img"
            aria-label="{{ $w->count(count($year), 'visit') }} within a year">
            <line class="ground" x1="2" y1="22" x2="242" y2="22" />
            @for ($i = 0; $i < 12; $i++)
                @php
                    $first = $today
                        ->plusMonthsClamped($i)
                        ->plusDays(1 - $today->plusMonthsClamped($i)->day);
                    $x = 2 + (240 * $today->daysUntil($first)) / 365;
                @endphp
                @if ($x >= 2)
                    <line class="tick" x1="{{ round($x, 1) }}" y1="18"
                        x2="{{ round($x, 1) }}" y2="26" /><text x="{{ round($x + 2, 1) }}"
                        y="40">{{ substr(App\Planning\Wording\ScheduleWording::MONTHS[$first->month], 0, 1) }}</text>
                @endif
                @endfor @foreach ($year as $i => $day)
                    @php
                        $levelsWords =
                            22 -
                            4 *
                                min(
                                    3,
                                    array_search(
                                        $levels[$i] ?? '',
                                        array_values(array_unique($levels)),
                                        true,
                                    ) ?:
                                    0,
                                );
                    @endphp
                    <circle cx="{{ round(2 + (240 * max(0, $today->daysUntil($day))) / 365, 1) }}"
                        cy="{{ $levelsWords }}" r="{{ count($year) > 60 ? 1.6 : 3.4 }}" />
                @endforeach
        </svg>
        <p class="quiet small">A year from today: {{ $w->count(count($year), 'visit') }}.</p>
        <table>
            <thead>
                <tr>
                    <th>visit</th>
                    <th class="r">order made</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($visits as $visit)
                    <tr>
                        @php
                            $plannedWords = $words->weekday($visit->planned);
                        @endphp
                        <td>{{ $visit->expected ? '≈ ' : '' }}{{ $plannedWords }}@isset($levels[$loop->index])
                            <span class="tag">{{ $levels[$loop->index] }}</span>
                            @endisset @if ($visit->early)
                                <div class="quiet small">{{ $words->day($visit->early) }} to
                                    {{ $words->day($visit->late) }}</div>
                            @endif
                        </td>
                        <td class="r">{{ $words->day($visit->dates()->release) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($visits === [] && $warnings === [])
        <p class="error">No visit falls within its end.</p>
    @endif
    @foreach ($warnings as $warning)
        <p class="note small">{{ $warning }}</p>
    @endforeach
    <p class="quiet small">If each visit is done on its
        day{{ $usage ? ', and the meter goes on as it does (≈ is expected)' : '' }}.</p>
@endif
