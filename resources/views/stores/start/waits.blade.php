<section class="part" id="waits">
    <h3>What waits</h3>
    <ul class="words">
        <li><a
                href="/purchases">{{ $toBuy === 0 ? 'Nothing to buy' : $w->count($toBuy, 'part') . ' to buy' }}</a>
        </li>
        <li><a href="/purchases#open">{{ $w->count($onWay, 'purchase') }} on the
                way</a>{{ $lateIn > 0 ? ", {$lateIn} late" : '' }}</li>
        <li><a href="/picks">Parts to pick</a></li>
        <li><a
                href="/counts">{{ $toCount === 0 ? 'Nothing to count' : $w->count($toCount, 'part') . ' to count' }}</a>
        </li>
        <li><a href="/stores/hold">How many to hold</a></li>
        @right('see-prices')
            <li><a href="/stores/figures">Figures</a></li>
        @endright
    </ul>
    <table>
        <thead>
            <tr>
                <th>store</th>
                <th class="r">parts</th>
                @if ($seesPrices)
                    <th class="r">worth</th>
                @endif
            </tr>
        </thead>
        <tbody>
            @foreach ($stores as $store)
                <tr>
                    <td>{{ $store->name }} <span class="tag">{{ $store->code }}</span></td>
                    <td class="r">{{ $store->parts }}</td>
                    @if ($seesPrices)
                        <td class="r">{{ $w->money((int) $store->cents) }}</td>
                    @endif
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
