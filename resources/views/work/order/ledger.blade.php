<section class="part" id="cost">
    <table class="ledger">
        <thead>
            <tr>
                <th></th>
                <th class="r">planned</th>
                @if ($seesCosts)
                    <th class="r drop">agreed</th>
                    <th class="r">booked</th>
                    <th class="drop"></th>
                @endif
                <th>stands</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($ledger as $row)
                <tr @class(['sum' => $loop->last])>
                    <th scope="row">
                        @if ($row->href === '')
                            {{ $row->kind }}
                        @else
                            <a class="plain" href="{{ $row->href }}"
                                hx-boost="false">{{ $row->kind }}</a>
                        @endif
                    </th>
                    <td class="r">
                        {{ $row->amount }}{{ $row->planned ? ($row->amount === '' ? '' : ' · ') . $row->planned : '' }}
                    </td>
                    @if ($seesCosts)
                        <td class="r quiet drop">{{ $row->committed }}</td>
                        <td @class(['r', 'due' => $row->isOver])>{{ $row->booked }}</td>
                        <td class="drop"><svg class="bars" width="110" height="12"
                                viewBox="0 0 1000 100" preserveAspectRatio="none"
                                aria-hidden="true">
                                <rect class="plan" x="4" y="8"
                                    width="{{ max(0, $row->plannedShare - 8) }}" height="84" />
                                <rect class="fact" x="4" y="8"
                                    width="{{ max(0, $row->bookedShare - 8) }}" height="84" />
                            </svg></td>
                    @endif
                    <td @class([
                        'small',
                        'late-text' => $row->href === '#parts' && $partsShort,
                    ])>
                        {{ $row->href === '#parts' && $readyOf !== [] ? "parts {$partsSaid}" : $row->stands }}
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($seesCosts && $order->state->takesInvoices())
        <p class="small"><a href="/orders/{{ $order->id }}/recharge">Recharge it</a></p>
    @endif
    @php
        $agreed = [...$order->labour, ...$order->services];
        $isContracted = array_filter(array_column($agreed, 'supplier_id')) !== [];
    @endphp
    @if ($isContracted)
        <p class="small"><a href="/orders/{{ $order->id }}/contractors">Its contractors</a></p>
    @endif
    @if ($ofFailure)
        <p class="small">Of that, mending what was found here: {{ $ofFailure }}.</p>
    @endif
    @if ($order->repeats_id)
        <p class="small">It does again what <a
                href="/orders/{{ $order->repeats_id }}">{{ $order->repeats->label() }}</a> had
            mended: its cost goes there.</p>
    @endif
    @if ($again->isNotEmpty())
        <p class="small">Mended again in @foreach ($again as $one)
                <a
                    href="/orders/{{ $one->id }}">{{ $one->label() }}</a>{{ $loop->last ? '' : ', ' }}
            @endforeach{{ $againCost ? ": {$againCost}" : '' }}.</p>
    @endif
    @if ($estimate)
        <p class="small">Orders like it took up to {{ $w->minutes($estimate->median()) }} in half
            of
            the cases, {{ $w->minutes($estimate->most()) }} in 80 % <span
                class="quiet">({{ $w->count($estimate->orders, 'closed order') }}:
                {{ $estimate->basis }})</span>.</p>
    @endif
</section>
