@if ($order->uses->isNotEmpty())
    <table>
        <thead>
            <tr>
                <th>used</th>
                <th class="r">how many</th>
                <th>who</th>
                @if ($seesCosts)
                    <th class="r">cost</th>
                @endif
            </tr>
        </thead>
        <tbody>
            @foreach ($order->uses as $use)
                <tr>
                    <td>{{ $use->name }} <span class="quiet small">{{ $use->note }}
                            {{ $use->spent_on->value === 'failure' ? 'for the failure' : '' }}</span>
                    </td>
                    <td class="r">{{ $w->quantity($use->quantity) }} {{ $use->unit }}</td>
                    <td>{{ $use->who }}, {{ $w->day($use->used_on) }}</td>
                    @if ($seesCosts)
                        <td class="r">
                            {{ $use->value_cents === null ? 'unknown' : $w->money($use->value_cents) }}
                        </td>
                    @endif
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($mayWork)
    <x-move title="Book a part, or give one back" :action="$by . '/parts'" button="Book it"
        :fields="['used_part', 'used_quantity', 'used_price', 'used_note']">
        <div class="pair">
            <x-field name="used_part" label="Part number, or what was bought" required
                list="part-list" autocomplete="off" />
            <x-field name="used_quantity" label="How many" value="1" required
                inputmode="decimal" />
            <x-field name="used_price" label="Price of one" inputmode="decimal"
                hint="Only for what the catalogue does not know." />
            <x-field name="used_note" label="Remark" />
            @include('work.order.booked-on')
            @include('work.order.spent-on')
        </div>
        <div class="choices field"><label><input type="checkbox" name="given_back" value="1">
                It is given back</label>
            @right('take-promised')
                <label><input type="checkbox" name="all_the_same" value="1"> Take it all the same,
                    where it is promised
                    elsewhere</label>
            @endright
        </div>
    </x-move>
@endif
