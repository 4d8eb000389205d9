<tr>
    <td class="tag">{{ $lot->name }}</td>
    <td>
        @if ($lot->asset_id)
            on <a href="/assets/{{ $lot->asset_id }}">{{ $lot->asset }}</a> since
            {{ $w->day($lot->fitted_on) }}
        @elseif ($lot->quantity > 0)
            {{ $lot->store }}{{ $lot->bin ? ", bin {$lot->bin}" : '' }}
        @else
            <span class="quiet">{{ $lot->went }}</span>
        @endif
    </td>
    @if ($part->tracked === 'batch')
        <td class="r">{{ $w->quantity($lot->quantity) }} {{ $part->unit }}</td>
        <td @class([
            'late-text' =>
                $lot->quantity > 0 && $lot->best_before && $lot->best_before < $today,
        ])>
            {{ $lot->best_before ? $w->day($lot->best_before) : '—' }}</td>
    @endif
    <td>{{ $w->day($lot->came_on) }}</td>
    <td class="r">
        @if ($keeps && $lot->asset_id)
            <form class="inline" method="post" action="/lots/{{ $lot->id }}/off">@csrf
                <input type="text" name="off_reason" maxlength="200" required placeholder="why"
                    aria-label="Why {{ $lot->name }} was taken off">
                <button class="btn slim">Taken off</button>
            </form>
        @endif
    </td>
</tr>
