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
                        <td>{{ $line->people }} × {{ $line->trade_name }}</td>
                        <td class="r">{{ $w->minutes($line->minutes) }} each</td>
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
            $fields = ['trade_id', 'people', 'labour_time'];
        @endphp
        <x-move title="+ people" :action="$by . '/plan/labour'" button="Put them into the plan" :fields="$fields">
            <div class="pair">
                <x-field name="people" label="How many" type="number" value="1" min="1"
                    max="99" required />
                <x-field name="trade_id" label="Trade" type="select" required>
                    @foreach ($trades as $trade)
                        <x-option name="trade_id" :value="$trade->id">{{ $trade->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="labour_time" label="Time of each" required placeholder="1:30" />
            </div>
        </x-move>
    @endif
</section>
