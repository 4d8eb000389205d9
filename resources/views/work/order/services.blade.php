@if (
    $mayPlan ||
        $order->services->isNotEmpty() ||
        $order->serviceBookings->isNotEmpty() ||
        $mayBookServices)
    <section class="part" id="services">
        <h3>Services</h3>
        @if ($order->services->isNotEmpty() || $order->serviceBookings->isNotEmpty())
            <table>
                <tbody>
                    @foreach ($order->services as $line)
                        <tr>
                            <td>{{ $line->what . ($line->supplier ? ", {$line->supplier->name}" : '') }}
                            </td>
                            @php
                                $agreedWords =
                                    $line->agreed_on === null
                                        ? 'planned'
                                        : "agreed {$w->day($line->agreed_on)}";
                                $billed = $order->serviceBookings->where('line_id', $line->id);
                                $billedWords =
                                    !$seesCosts || $billed->isEmpty()
                                        ? ''
                                        : ", booked {$w->money((int) $billed->sum('cents'))}";
                            @endphp
                            <td class="quiet">
                                {{ $agreedWords }}{{ $billedWords }}
                                @include('work.order.agree')
                            </td>
                            <td class="r">
                                {{ $seesCosts && $line->planned_cents !== null ? $w->money($line->planned_cents) : '' }}
                            </td>
                            <td class="r">@include('work.order.off', [
                                'kind' => 'service',
                                'id' => $line->id,
                                'what' => $line->what,
                            ])</td>
                        </tr>
                    @endforeach
                    @foreach ($order->serviceBookings as $line)
                        <tr>
                            <td>{{ $line->what }}{{ $line->invoice ? ", invoice {$line->invoice}" : '' }}
                            </td>
                            <td class="quiet">booked {{ $w->day($line->booked_on) }}</td>
                            <td class="r">{{ $seesCosts ? $w->money($line->cents) : '' }}</td>
                            <td></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @else
            <p class="quiet small">None is planned.</p>
        @endif
        @if ($mayPlan)
            <x-move title="+ service" :action="$by . '/plan/service'" button="Put it into the plan"
                :fields="['service', 'supplier_id', 'amount']">
                <div class="pair">
                    <x-field name="service" label="What somebody else is to do" required />
                    <x-field name="supplier_id" label="Who" type="select">
                        <option value="">not decided</option>
                        @foreach ($suppliers as $one)
                            <x-option name="supplier_id"
                                :value="$one->id">{{ $one->name }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="amount" label="What it will cost" inputmode="decimal" />
                </div>
            </x-move>
        @endif
        @if ($mayBookServices)
            @php
                $title = $order->state->isLocked()
                    ? 'Book an invoice that came later'
                    : 'Book a service or its invoice';
                $fields = [
                    'service_line',
                    'service_what',
                    'service_amount',
                    'service_supplier',
                    'invoice',
                ];
            @endphp
            <x-move :title="$title" :action="$by . '/services'" button="Book it" :fields="$fields">
                <div class="pair">
                    @if ($order->services->isNotEmpty())
                        <x-field name="service_line" label="Planned as" type="select">
                            <option value="">not planned</option>
                            @foreach ($order->services as $line)
                                <x-option name="service_line"
                                    :value="$line->id">{{ $line->what }}</x-option>
                            @endforeach
                        </x-field>
                    @endif
                    <x-field name="service_what" label="What it was for" :required="$order->services->isEmpty()" />
                    <x-field name="service_amount" label="Amount" required inputmode="decimal"
                        hint="Below zero takes back what was booked wrongly." />
                    <x-field name="service_supplier" label="From" type="select">
                        <option value="">not named</option>
                        @foreach ($suppliers as $one)
                            <x-option name="service_supplier"
                                :value="$one->id">{{ $one->name }}</x-option>
                        @endforeach
                    </x-field>
                    <x-field name="invoice" label="Invoice number" />
                    @include('work.order.booked-on')
                    @include('work.order.spent-on')
                </div>
            </x-move>
        @endif
    </section>
@endif
