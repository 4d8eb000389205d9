@php
    $is = $row['is'];
    $behind = $frame->address('/stops/oee/shifts', [
        'by' => $asked->by,
        'value' => $is->key,
        'days' => $asked->days,
        'line' => $asked->lineId,
    ]);
@endphp
<tr>
    <td><a href="{{ $behind }}">{{ $row['name'] }}</a>
    </td>
    <td class="r"><b>{{ $said->percent($is->oee->oee()) }}</b></td>
    <td><svg class="fall split" viewBox="0 0 222 14" width="222" height="14" aria-hidden="true">
            @foreach ($row['bars'] as $bar)
                <rect class="{{ $bar['part'] }}" x="{{ 1 + $bar['x'] }}" y="2"
                    width="{{ $bar['width'] }}" height="10" />
            @endforeach
        </svg></td>
    <td class="r">{{ $said->percent($is->oee->availability()) }}</td>
    <td @class(['r', 'near-text' => $is->oee->isAboveIdeal()])>{{ $said->percent($is->oee->performance()) }}</td>
    <td class="r">{{ $said->percent($is->oee->quality()) }}</td>
    <td class="r">{{ $said->minutes($is->lost()) }}</td>
    <td class="r quiet">
        {{ $is->covered() === null ? '–' : number_format(100 * $is->covered(), 0) . ' %' }}</td>
    @if ($money)
        <td class="r">{{ $row['cents'] === null ? '' : $w->money($row['cents']) }}</td>
    @endif
    @unless ($isTime)
        <td class="r quiet">
            {{ $row['difference'] === null ? '–' : $said->difference($row['difference']) }}</td>
    @endunless
</tr>
