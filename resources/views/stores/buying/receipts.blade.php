<section class="part" id="receipts">
    <h3>What came</h3>
    <table>
        <thead>
            <tr>
                <th>day</th>
                <th>what</th>
                <th class="r">how many</th>
                <th></th>
                @if ($seesPrices)
                    <th class="r">dearer than agreed</th>
                @endif
                <th>who</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($purchase->lines as $line)
                @foreach ($line->receipts as $one)
                    <tr>
                        <td>{{ $w->day($one->received_on) }}</td>
                        <td>{{ $line->name }} <span class="quiet small">{{ $one->note }}</span>
                        </td>
                        <td class="r">{{ $w->quantity($one->quantity) }} {{ $line->unit }}
                        </td>
                        <td>{{ $one->outcome }}</td>
                        @if ($seesPrices)
                            <td class="r">
                                {{ $one->variance_cents === 0 ? '' : $w->money($one->variance_cents) }}
                            </td>
                        @endif
                        <td>{{ $one->who }}</td>
                    </tr>
                @endforeach
            @endforeach
        </tbody>
    </table>
</section>
