<div class="scroll">
    <table>
        <tbody>
            @foreach ($order->rows as $row)
                <tr @class(['struck' => $row->state->value === 'left out'])>
                    <td>
                        @if ($mayAddAssets && $row->asset_id !== $order->asset_id)
                            <input type="checkbox" form="split" name="rows[]"
                                value="{{ $row->id }}"
                                aria-label="Take {{ $row->label() }} into an order of its own">
                        @endif
                        <a href="/assets/{{ $row->asset_id }}">{{ $row->name() }}</a> <span
                            class="tag">{{ $row->label() }}</span>
                    </td>
                    @php
                        $how = implode(
                            ' ',
                            array_filter([
                                $row->state->value,
                                $row->done_on ? $w->day($row->done_on) : null,
                                $row->reason ? "({$row->reason})" : null,
                            ]),
                        );
                    @endphp
                    <td class="quiet">{{ $how }}</td>
                    <td class="r">{{ $shareOf[$row->id] ?? '' }}</td>
                    <td>
                        <div class="asset-moves">@include('work.order.asset-moves')</div>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
@if ($mayAddAssets)
    <div class="more-lines">
        <form method="post" action="{{ $by }}/copy-steps">@csrf<button
                class="btn slim">Copy the
                steps to each</button></form>
        <form method="post" action="{{ $by }}/split" id="split">@csrf
            <button class="btn slim">Split off those that are ticked</button>
        </form>
        <form class="inline-form" method="post" action="{{ $by }}/spread">@csrf
            @method('put')
            <select name="spread" aria-label="Cost of all is spread by">
                @foreach ($spreads as $one)
                    <option value="{{ $one->value }}" @selected($one === $order->spread)>
                        {{ $one->label() }}</option>
                @endforeach
            </select>
            <button class="btn slim">Spread so</button>
        </form>
    </div>
@endif
