<x-sheet title="Warranty claims">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    <x-slot:meta>What others are asked to pay for. A claim is written on the order that mends
        the
        asset.</x-slot:meta>
    @if ($claims->isEmpty())
        <p class="quiet">Nothing was claimed yet. An order on an asset under warranty offers it.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>claim</th>
                    <th>asset</th>
                    <th>of</th>
                    <th>state</th>
                    <th class="drop">parts kept</th>
                    <th class="r">order</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($claims as $claim)
                    <tr>
                        <td><span class="tag">{{ $claim->label() }}</span> {{ $claim->what }}
                        </td>
                        <td><a href="/assets/{{ $claim->asset_id }}">{{ $claim->asset->name }}</a>
                        </td>
                        <td>{{ $claim->supplier?->name ?? '—' }}</td>
                        <td>{{ $claim->state->value }}
                            {{ $w->day($claim->decided_on ?? $claim->claimed_on) }}</td>
                        <td class="drop quiet">{{ $claim->kept }}</td>
                        <td class="r"><a
                                href="/orders/{{ $claim->order_id }}#warranty">{{ $claim->order->label() }}</a>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-sheet>
