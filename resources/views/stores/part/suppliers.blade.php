<section class="part" id="suppliers">
    <h3>Suppliers</h3>
    @foreach (['their_id', 'their_price', 'price_from', 'their_days', 'least'] as $key)
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
                                {{ $one->price === null ? '—' : $w->price($one->price) }}
                                @if ($one->next)
                                    <span class="quiet small">{{ $w->price($one->next->price) }}
                                        from
                                        {{ $w->day($one->next->from_on) }}</span>
                                @endif
                            </td>
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
        @foreach ($supplies as $one)
            <details class="act form">
                <summary>Change the terms of {{ $one->name }}</summary>
                <form method="post" action="{{ $by }}/suppliers">@csrf
                    <input type="hidden" name="their_id" value="{{ $one->id }}">
                    @include('stores.part.terms', ['terms' => $one])
                </form>
            </details>
        @endforeach
        <x-move title="Add a supplier" :action="$by . '/suppliers'" button="Add the supplier"
            :fields="[
                'their_id',
                'their_number',
                'their_price',
                'price_from',
                'their_days',
                'least',
            ]">
            <x-field name="their_id" label="Supplier" type="select" required>
                <option value="">choose</option>
                @foreach ($suppliers->whereNotIn('id', $supplies->pluck('id')) as $supplier)
                    <x-option name="their_id" :value="$supplier->id">{{ $supplier->name }}</x-option>
                @endforeach
            </x-field>
            @include('stores.part.terms', ['terms' => null])
        </x-move>
    @endif
</section>
