<section class="part" id="rates">
    <h3>Products and their ideal time</h3>
    @if ($line->rates->isNotEmpty())
        <table>
            <thead>
                <tr>
                    <th>product</th>
                    <th>from</th>
                    <th class="r">seconds for one</th>
                    <th class="r">an hour</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($line->rates->sortBy([['product.name', 'asc'], ['from_on', 'asc']]) as $rate)
                    <tr>
                        <td>{{ $rate->product->name }} <span
                                class="tag">{{ $rate->product->number }}</span></td>
                        <td>{{ $w->day($rate->from_on) }}</td>
                        <td class="r">{{ +$rate->ideal_seconds }}</td>
                        <td class="r quiet">
                            {{ number_format(3600 / (float) $rate->ideal_seconds, 1) }}
                            {{ $rate->product->unit }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($products->where('retired', false)->isEmpty())
        <p class="quiet small">No product yet: <a href="/products">add one</a>.</p>
    @else
        <x-move title="Set an ideal time" action="/lines/{{ $line->id }}/rates" button="Set it"
            :fields="['product_id', 'rate_from', 'ideal']">
            <div class="pair">
                <x-field name="product_id" label="Product" type="select" required>
                    @foreach ($products->where('retired', false) as $product)
                        <x-option name="product_id"
                            :value="$product->id">{{ $product->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="rate_from" label="From" type="date" required
                    :value="(string) $today" />
                <x-field name="ideal" label="Seconds for one" required maxlength="16"
                    inputmode="decimal" hint="What the line needs at its best." />
            </div>
        </x-move>
    @endif
</section>
