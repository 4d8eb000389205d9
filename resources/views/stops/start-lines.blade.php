<section class="part" id="today">
    <h3>Lost today <span class="aside"><a href="/stops/oee?by=line&amp;days=7">7 days</a></span></h3>
    <table>
        <tbody>
            @foreach ($lines as $line)
                <tr>
                    <td><a href="/lines/{{ $line['id'] }}">{{ $line['name'] }}</a></td>
                    @if ($line['sum'] === null || $line['sum']->oee->planned === 0)
                        <td class="quiet" colspan="3">nothing is known of today yet</td>
                    @else
                        <td class="r"><b>{{ $said->minutes($line['sum']->lost()) }} min</b> of
                            {{ $said->minutes($line['sum']->oee->planned / 60) }}</td>
                        <td class="r">OEE {{ $said->percent($line['sum']->oee->oee()) }}</td>
                        <td class="quiet">{{ $said->covered($line['sum']->covered()) }}</td>
                    @endif
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
