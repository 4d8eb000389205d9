<section class="part" id="reasons">
    <h3>Reasons</h3>
    @if ($reasons === [])
        <p class="quiet small">Nothing stood in this shift.</p>
    @else
        <table>
            <tbody>
                @foreach ($reasons as $row)
                    @php
                        $of = ['by' => 'reason', 'value' => $row['reason'], 'days' => 90];
                    @endphp
                    <tr>
                        <td>
                            @right('see-plant')
                                <a
                                    href="{{ $frame->address('/stops/list', $of) }}">{{ $row['reason'] }}</a>
                            @else
                                {{ $row['reason'] }}
                            @endright
                        </td>
                        <td class="r">{{ $w->count($row['stops'], 'stop') }}</td>
                        <td class="r">{{ intdiv($row['seconds'], 60) }} min</td>
                        <td><svg class="reason" viewBox="0 0 162 14" width="162" height="14"
                                aria-hidden="true">
                                <rect class="b {{ $row['look'] }}" x="1" y="2"
                                    width="{{ max(1, round((160 * $row['seconds']) / $most, 1)) }}"
                                    height="10" />
                            </svg></td>
                        <td class="quiet">
                            {{ implode(', ', array_map(fn(int $one): int => intdiv($one, 60), $row['before'])) }}
                            on the shifts before</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
