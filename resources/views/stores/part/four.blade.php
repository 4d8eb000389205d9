@if ($rows->isEmpty())
    <span>{{ $part->retired ? 'no longer used' : 'in no store of this site' }}</span>
    <span>counted in <b>{{ $part->unit }}</b></span>
@else
    <span><a href="#stores" hx-boost="false"><b>{{ $w->thousandths($total['hand']) }}</b> on
            hand</a></span>
    @if ($total['promised'] > 0)
        <span><a href="#promised" hx-boost="false"><b>{{ $w->thousandths($total['promised']) }}</b>
                promised</a></span>
    @else
        <span><b>0</b> promised</span>
    @endif
    <span class="{{ $total['free'] > 0 ? '' : 'w late' }}"><a href="#coming"
            hx-boost="false"><b>{{ $w->thousandths($total['free']) }}</b> free</a></span>
    <span><a href="#coming" hx-boost="false"><b>{{ $w->thousandths($total['order']) }}</b> on
            order</a></span>
    @if ($total['short'] > 0)
        <span class="w late"><b>{{ $w->thousandths($total['short']) }}</b> short</span>
    @endif
    <span>counted in <b>{{ $part->unit }}</b></span>
    @if ($seesPrices && $total['hand'] > 0)
        <span>worth <b>{{ $w->money($total['cents']) }}</b> at
            {{ $average }}</span>
    @endif
    @if ($part->retired)
        <span class="w">no longer used</span>
    @endif
@endif
