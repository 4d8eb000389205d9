@php
    $said = fn(int $many): string => App\Stores\Pages\StairShown::words($many);
@endphp
@if ($rows->isEmpty())
    <span>{{ $part->retired ? 'no longer used' : 'in no store of this site' }}</span>
    <span>counted in <b>{{ $part->unit }}</b></span>
@else
    <span><a href="#stores" hx-boost="false"><b>{{ $said($total['hand']) }}</b> on
            hand</a></span>
    <span><a href="#promised" hx-boost="false"><b>{{ $said($total['promised']) }}</b>
            promised</a></span>
    <span class="{{ $total['free'] > 0 ? '' : 'w late' }}"><a href="#coming"
            hx-boost="false"><b>{{ $said($total['free']) }}</b> free</a></span>
    <span><a href="#coming" hx-boost="false"><b>{{ $said($total['order']) }}</b> on
            order</a></span>
    @if ($total['short'] > 0)
        <span class="w late"><b>{{ $said($total['short']) }}</b> short</span>
    @endif
    <span>counted in <b>{{ $part->unit }}</b></span>
    @if ($seesPrices && $total['hand'] > 0)
        <span>worth <b>{{ $w->money($total['cents']) }}</b> at
            {{ $w->price(Sundial\Stock\StockBalance::standing($total['hand'], $total['cents'], null)->average()?->plain() ?? '0') }}</span>
    @endif
    @if ($part->retired)
        <span class="w">no longer used</span>
    @endif
@endif
