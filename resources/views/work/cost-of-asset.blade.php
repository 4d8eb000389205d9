<h3>Cost <span class="aside quiet">of the work on it, as booked</span></h3>
<div class="scroll">
    <table>
        <thead>
            <tr>
                <th>year</th>
                <th class="r">labour</th>
                <th class="r">parts</th>
                <th class="r">services</th>
                <th class="r">in all</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($years as $year => $cost)
                <tr>
                    <td><a href="/orders?asset={{ $assetId }}&state=all">{{ $year }}</a>
                    </td>
                    <td class="r">{{ $w->cost($cost->labour) }}</td>
                    <td class="r">{{ $w->cost($cost->parts) }}</td>
                    <td class="r">{{ $w->cost($cost->services) }}</td>
                    <td class="r"><b>{{ $w->cost($cost->total()) }}</b></td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
