@foreach ($moves as [$move, $may, $says])
    @if ($may)
        <form method="post" action="{{ $by }}/move">@csrf
            <input type="hidden" name="version" value="{{ $purchase->version }}">
            <input type="hidden" name="move" value="{{ $move }}">
            <button class="btn strong">{{ $says }}</button>
        </form>
    @endif
@endforeach
@if ($seesPrices)
    <a class="btn" href="{{ $by }}/order.pdf" hx-boost="false">As PDF</a>
    <a class="btn" href="{{ $by }}/lines.csv" hx-boost="false">As CSV</a>
@endif
@if ($mayMail)
    <form method="post" action="{{ $by }}/mail">@csrf
        <button class="btn">Mail it{{ $purchase->mailed_to ? ' again' : '' }}</button>
    </form>
@endif
@if ($mayClose && $mayReceive)
    <form method="post" action="{{ $by }}/move">@csrf
        <input type="hidden" name="version" value="{{ $purchase->version }}">
        <input type="hidden" name="move" value="close">
        <button class="btn">Close it, the rest does not come</button>
    </form>
@endif
