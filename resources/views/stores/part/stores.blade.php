<section class="part" id="stores">
    <h3>Where it lies</h3>
    @if ($rows->isEmpty())
        <p class="quiet small">It is kept in no store of this site yet.
            {{ $keeps ? 'Receive some, or say where it will lie.' : '' }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>store</th>
                    <th>bin</th>
                    <th class="r">on hand</th>
                    <th class="r">promised</th>
                    <th class="r">free</th>
                    <th class="r">on order</th>
                    <th class="r drop">reorder point</th>
                    <th class="r drop">buy</th>
                    <th class="drop">counted</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        <td>{{ $row->store->name }}</td>
                        <td class="tag">{{ $row->bin ?? '—' }}</td>
                        <td class="r">{{ $w->quantity($row->on_hand) }}</td>
                        <td class="r">{{ $w->quantity($row->promised) }}</td>
                        <td class="r">{{ $w->thousandths($row->free()) }}
                        </td>
                        <td class="r">{{ $w->quantity($row->on_order) }}</td>
                        <td class="r drop">
                            {{ $row->reorder_point === null ? '—' : $w->quantity($row->reorder_point) }}
                        </td>
                        <td class="r drop">
                            {{ $row->order_quantity === null ? '—' : $w->quantity($row->order_quantity) }}
                        </td>
                        <td class="drop">{{ $w->day($row->counted_on) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($keeps)
        @foreach ($stores as $store)
            @php
                $row = $rows->firstWhere('store_id', $store->id);
                $old = fn(string $field) => $row?->$field === null
                    ? ''
                    : $w->quantity($row->$field);
            @endphp
            <details class="act form">
                <summary>{{ $row ? 'How it is kept in' : 'Keep it in' }} {{ $store->name }}
                </summary>
                <form method="post" action="{{ $by }}/stores/{{ $store->id }}">@csrf
                    @method('put')
                    @if ($row)
                        <input type="hidden" name="version" value="{{ $row->version }}">
                    @endif
                    <div class="pair">
                        <x-field name="bin" label="Bin" :value="$row?->bin" maxlength="20" />
                        <x-field name="reorder_point" label="Reorder point" :value="$old('reorder_point')"
                            inputmode="decimal"
                            hint="For what nobody planned; visits and orders are counted already." />
                        <x-field name="order_quantity" label="Buy at a time" :value="$old('order_quantity')"
                            inputmode="decimal" />
                        <x-field name="most" label="Hold at most" :value="$old('most')"
                            inputmode="decimal" />
                    </div>
                    <button class="btn">Save how it is kept</button>
                </form>
            </details>
        @endforeach
    @endif
</section>
