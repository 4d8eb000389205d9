<section class="part" id="suppliers">
    <h3>Suppliers</h3>
    @foreach (['their_id', 'their_price', 'their_days', 'least'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($supplies->isEmpty())
        <p class="quiet small">
            {{ $part->supplier ? "{$part->supplier->name}, on the terms of the catalogue." : 'None is named.' }}
        </p>
    @else
        <table>
            <thead>
                <tr>
                    <th>from</th>
                    <th>their number</th>
                    @if ($seesPrices)
                        <th class="r">price of one</th>
                    @endif
                    <th class="r">says</th>
                    <th class="r">took</th>
                    <th class="r">at least</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($supplies as $one)
                    <tr>
                        <td><a href="/suppliers/{{ $one->id }}">{{ $one->name }}</a></td>
                        <td class="tag">{{ $one->their_number ?? '—' }}</td>
                        @if ($seesPrices)
                            <td class="r">
                                {{ $one->price === null ? '—' : $w->price($one->price) }}</td>
                        @endif
                        <td class="r">
                            {{ $one->lead_days === null ? '—' : "{$one->lead_days} d" }}</td>
                        <td class="r">
                            @if ($one->took)
                                {{ $one->took->median }} d, {{ $one->took->mostly }} d in four of
                                five
                            @else
                                not seen
                            @endif
                        </td>
                        <td class="r">
                            {{ $one->least === null ? '—' : $w->quantity($one->least) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($keeps)
        <x-move title="Add a supplier, or change the terms" :action="$by . '/suppliers'"
            button="Save the terms" :fields="['their_id', 'their_number', 'their_price', 'their_days', 'least']">
            <div class="pair">
                <x-field name="their_id" label="Supplier" type="select" required>
                    <option value="">choose</option>
                    @foreach ($suppliers as $supplier)
                        <x-option name="their_id"
                            :value="$supplier->id">{{ $supplier->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="their_number" label="Their number" maxlength="60" />
                <x-field name="their_price" label="Price of one" inputmode="decimal" />
                <x-field name="their_days" label="Comes after so many days" type="number"
                    min="0" max="999" />
                <x-field name="least" label="At least so many" inputmode="decimal" />
            </div>
        </x-move>
    @endif
</section>
