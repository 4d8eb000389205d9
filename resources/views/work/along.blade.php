<div class="scroll">
    <table class="table-narrow">
        <thead>
            <tr>
                <th></th>
                <th>visit</th>
                <th>due</th>
                <th>given away</th>
                <th class="r drop">work</th>
                <th class="r">next would be</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($offers as $line)
                @php
                    $isLate = $line['offer']->planned->isBefore($w->today());
                    $isTicked = ($checked ?? false) || (($tickLate ?? false) && $isLate);
                @endphp
                <tr>
                    <td class="glyph"><input type="checkbox" name="schedules[]"
                            value="{{ $line['schedule']->id }}" @checked($isTicked)
                            aria-label="Take {{ $line['name'] }} on {{ $line['schedule']->asset->tag }} along">
                    </td>
                    <td><a href="/schedules/{{ $line['schedule']->id }}">{{ $line['name'] }}</a>
                        <span class="tag">{{ $line['schedule']->asset->tag }}</span>
                    </td>
                    <td>{{ $line['schedule']->expected ? '≈ ' : '' }}{{ $w->day($line['offer']->planned) }}
                    </td>
                    @php
                        $earlyWords =
                            $line['offer']->early === 0
                                ? ($isLate
                                    ? 'nothing: it is late'
                                    : 'nothing')
                                : $line['offer']->early . " d, {$line['offer']->share} %";
                    @endphp
                    <td>{{ $earlyWords }}
                    </td>
                    <td class="r drop">{{ $w->minutes($line['minutes']) }}</td>
                    <td class="r">
                        @php
                            $nextWords = $line['next'] === null ? 'open' : $w->day($line['next']);
                            $differs =
                                $line['otherwise'] !== null &&
                                $line['next'] !== null &&
                                !$line['next']->is($line['otherwise']);
                        @endphp
                        {{ $nextWords }}
                        @if ($differs)
                            <div class="quiet small">else {{ $w->day($line['otherwise']) }}</div>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
