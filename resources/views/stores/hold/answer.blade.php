<x-section title="Answer" id="answer">
    <p>For <b>{{ $said->text('service') }} %</b> within
        {{ round($answer['length']) }} days
        ({{ $exposures[$answer['kind']] }}):
        hold <b>{{ $answer['s'] }}</b>. Failures ask for {{ number_format($answer['mean'], 2) }} in
        that
        time on average.</p>
    <table class="hold">
        <thead>
            <tr>
                <th class="r">stock position when ordering</th>
                <th class="r">chance of no stock-out</th>
                <th class="r">what this one buys</th>
                @if ($seesPrices)
                    <th class="r">holding cost a year</th>
                @endif
                <th class="r">missing on average</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($answer['rows'] as $row)
                <tr @class(['sum' => $row['isChosen']])>
                    <td class="r">{{ $row['s'] }}{{ $row['isChosen'] ? ' ←' : '' }}</td>
                    <td class="r">{{ $percent($row['chance']) }}</td>
                    <td class="r">
                        {{ $row['buys'] === null ? '' : '+ ' . $percent($row['buys']) }}</td>
                    @if ($seesPrices)
                        <td class="r">
                            {{ $row['cost'] === null ? 'no price' : $w->money($row['cost']) }}
                        </td>
                    @endif
                    <td class="r">{{ number_format($row['shortage'], 3) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="quiet small">Held one for one, the reorder point is {{ $answer['oneForOne'] }}.
        Beside it, visits to
        come take {{ $w->thousandths($answer['planned']) }} at most in a time as
        long; those are bought for as they come near, and are not in the figure above. In a year
        failures ask for {{ number_format($answer['perYear'], 1) }} and visits for
        {{ $w->thousandths($answer['visitsYear']) }}{{ $answer['spends'] }}.
    </p>
    <p class="quiet small">The usual sum, one interval’s failures and a year’s visits, would say
        {{ $answer['classic'] }}: it adds demand of two different times and asks for no certainty.
    </p>
</x-section>
