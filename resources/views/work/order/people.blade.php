<section class="part" id="people">
    <h3>People <span class="aside quiet">planned
            {{ $w->minutes($order->planned_minutes) }}</span></h3>
    @if ($order->labour->isEmpty())
        <p class="quiet small">Nobody is planned.</p>
    @else
        <table>
            <tbody>
                @foreach ($order->labour as $line)
                    <tr>
                        <td>{{ $line->people }} × {{ $line->trade_name }}
                            @if ($line->step_id)
                                <span class="small quiet">for step
                                    {{ $order->steps->firstWhere('id', $line->step_id)?->position }}</span>
                            @endif
                            @if ($line->supplier_id)
                                @php
                                    $day = (string) $order->workDay($today);
                                    $terms = array_filter([
                                        $line->supplier_name,
                                        $seesCosts ? "at {$w->price($line->rate)} an hour" : null,
                                        $line->agreement ? "agreement {$line->agreement}" : null,
                                    ]);
                                @endphp
                                <div class="small quiet">{{ implode(', ', $terms) }}</div>
                                @if ($line->isOutOn($day))
                                    <div class="small due">What was agreed runs out
                                        {{ $w->day($line->valid_until) }}, before the work.</div>
                                @endif
                            @endif
                        </td>
                        <td class="r">{{ $w->minutes($line->minutes) }} each</td>
                        <td class="r quiet">
                            {{ isset($bookedOf[$line->id]) ? "booked {$bookedOf[$line->id]}" : '' }}
                        </td>
                        <td class="r">@include('work.order.off', [
                            'kind' => 'labour',
                            'id' => $line->id,
                            'what' => $line->trade_name,
                        ])</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($mayPlan)
        @php
            $contract = ['contractor_id', 'agreed_rate', 'agreement', 'agreed_until'];
            $fields = ['trade_id', 'people', 'labour_time', 'for_step', ...$contract];
        @endphp
        <x-move title="+ people" :action="$by . '/plan/labour'" button="Put them into the plan"
            :fields="$fields">
            <div class="pair">
                <x-field name="people" label="How many" type="number" value="1"
                    min="1" max="99" required />
                <x-field name="trade_id" label="Trade" type="select" required>
                    @foreach ($trades as $trade)
                        <x-option name="trade_id" :value="$trade->id">{{ $trade->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="labour_time" label="Time of each" required placeholder="1:30" />
                <x-field name="for_step" label="For step" type="number" min="1"
                    hint="Empty: for the whole order." />
            </div>
            <div class="pair">
                <x-field name="contractor_id" label="Sent by" type="select">
                    <option value="">our own people</option>
                    @foreach ($suppliers as $one)
                        <x-option name="contractor_id"
                            :value="$one->id">{{ $one->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="agreed_rate" label="Agreed rate" inputmode="decimal" />
                <x-field name="agreement" label="Agreement" />
                <x-field name="agreed_until" label="Valid until" type="date" />
            </div>
        </x-move>
    @endif
</section>
