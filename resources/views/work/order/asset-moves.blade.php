@if ($mayMarkAssets && $row->state->value === 'open')
    <form class="inline" method="post" action="{{ $by }}/assets/{{ $row->id }}">@csrf
        @method('put')<input type="hidden" name="state" value="done"><button class="btn slim"
            aria-label="{{ $row->label() }} is done">done</button></form>
    <details class="act inline">
        <summary>otherwise</summary>
        <form class="inline-form" method="post"
            action="{{ $by }}/assets/{{ $row->id }}">@csrf
            @method('put')
            <input type="date" name="done_on" max="{{ $today }}"
                value="{{ $today }}" aria-label="Day on which {{ $row->label() }} was done">
            <button class="btn slim" name="state" value="done">done that day</button>
            <input name="left_reason" maxlength="250" placeholder="why not"
                aria-label="Why {{ $row->label() }} is left out">
            <button class="btn slim" name="state" value="left out">leave it out</button>
        </form>
    </details>
@elseif ($mayMarkAssets)
    <form class="inline" method="post" action="{{ $by }}/assets/{{ $row->id }}">
        @csrf
        @method('put')<input type="hidden" name="state" value="open"><button
            class="btn slim" aria-label="{{ $row->label() }} is open again">open again</button>
    </form>
@endif
@if ($mayAddAssets && $row->asset_id !== $order->asset_id)
    <form class="inline" method="post" action="{{ $by }}/assets/{{ $row->id }}">
        @csrf
        @method('delete')<button class="btn slim" aria-label="Take {{ $row->label() }} off">take
            off</button></form>
@endif
