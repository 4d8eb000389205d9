@php
    $href = match ($by) {
        'class' => $address->with(['by' => 'asset', 'class' => $line['id']]),
        'asset' => "/assets/{$line['id']}#stops",
        'cause' => $frame->address('/stops/list', [
            'by' => 'reason',
            'value' => $line['name'],
            'days' => 365,
        ]),
        default => null,
    };
    $is = $line['is'];
@endphp
<tr>
    <td>
        @if ($href)
            <a href="{{ $href }}">{{ $line['name'] }}</a>
        @else
            {{ $line['name'] }}
        @endif
        <span class="tag">{{ $line['tag'] }}</span>
    </td>
    @if ($by === 'class' || $by === 'place')
        <td class="r">{{ $line['assets'] }}</td>
    @endif
    <td class="r">{{ $is->failures }}</td>
    <td class="r">{{ $said->mtbf($is) }}</td>
    <td class="r">{{ $said->mttr($is) }}</td>
    @unless ($by === 'cause')
        <td class="r">{{ $w->lasting(intdiv($is->down, 60)) }}</td>
        <td class="r">{{ $said->share($is->availability()) }}</td>
        <td class="r">{{ $said->share($is->technicalAvailability()) }}</td>
    @endunless
</tr>
