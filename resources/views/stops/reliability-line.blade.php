@php
    $href =
        $by === 'class'
            ? $q(['by' => 'asset', 'class' => $line['id']])
            : "/assets/{$line['id']}#stops";
    $is = $line['is'];
@endphp
<tr>
    <td><a href="{{ $href }}">{{ $line['name'] }}</a> <span
            class="tag">{{ $line['tag'] }}</span></td>
    @if ($by === 'class')
        <td class="r">{{ $line['assets'] }}</td>
    @endif
    <td class="r">{{ $is->failures }}</td>
    <td class="r">{{ $said->mtbf($is) }}</td>
    <td class="r">{{ $said->mttr($is) }}</td>
    <td class="r">{{ $w->lasting(intdiv($is->down, 60)) }}</td>
    <td class="r">{{ $said->share($is->availability()) }}</td>
    <td class="r">{{ $said->share($is->technicalAvailability()) }}</td>
</tr>
