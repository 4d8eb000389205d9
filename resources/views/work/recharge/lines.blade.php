<table class="ledger">
    <tbody>
        @foreach ($lines as $line)
            @php
                $many = match ($line->kind) {
                    'labour' => $w->minutes((int) round(60 * $line->quantity)),
                    'parts' => '× ' . $w->quantity($line->quantity),
                    default => '',
                };
            @endphp
            <tr>
                <td>{{ $line->what }}</td>
                <td class="quiet">{{ $w->day($line->day) }}</td>
                <td class="r quiet">{{ $many }}</td>
                <td class="r">
                    {{ $line->cents === null ? 'unknown' : $w->money((int) $line->cents) }}
                </td>
            </tr>
        @endforeach
        <tr class="sum">
            <th scope="row" colspan="3">Sum</th>
            <td class="r">{{ $w->money($sum) }}</td>
        </tr>
        @if ($recharge?->discount_cents)
            <tr>
                <td colspan="3">less discount</td>
                <td class="r">{{ $w->money(-$recharge->discount_cents) }}</td>
            </tr>
        @endif
        <tr>
            <td colspan="3">tax {{ $tax }} <span class="quiet">of
                    {{ $place }}</span></td>
            <td class="r">{{ $w->money($computed->tax) }}</td>
        </tr>
        @if ($computed->isSetByHand)
            <tr>
                <td colspan="3">computed <span class="quiet">set by hand:
                        {{ $recharge->set_reason }}</span>
                </td>
                <td class="r quiet">{{ $w->money($computed->computed) }}</td>
            </tr>
        @endif
        <tr class="sum">
            <th scope="row" colspan="3">Total</th>
            <td class="r">{{ $w->money($computed->total) }}</td>
        </tr>
    </tbody>
</table>
@foreach ($recharge?->references ?? [] as $name => $value)
    <p class="small">{{ $name }}: <b>{{ $value }}</b></p>
@endforeach
