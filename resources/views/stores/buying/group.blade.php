<section class="part" id="supplier-{{ $group['id'] }}">
    <h3>
        @if ($group['id'])
            <a class="plain" href="/suppliers/{{ $group['id'] }}">{{ $group['name'] }}</a>
        @else
            {{ $group['name'] }}
        @endif
        <span class="aside quiet">{{ $partsWords->toBuy($group['lines'], $group['late']) }}</span>
    </h3>
    <form method="post" action="/purchases">@csrf
        <input type="hidden" name="group" value="{{ $group['id'] }}">
        @if ($group['id'])
            <input type="hidden" name="supplier_id" value="{{ $group['id'] }}">
        @endif
        <div class="scroll">
            <table class="buying">
                <thead>
                    <tr>
                        @if ($buys)
                            <th class="pick"><span class="visually-hidden">buy</span></th>
                        @endif
                        <th class="what">part</th>
                        <th>why</th>
                        <th class="saves">saves</th>
                        <th class="r many">how many</th>
                        @if ($seesPrices)
                            <th class="r price">price of one</th>
                        @endif
                    </tr>
                </thead>
                <tbody>
                    @foreach ($group['shelf'] as $one)
                        @include('stores.buying.proposal')
                    @endforeach
                    @foreach ($group['orders'] as $one)
                        @include('stores.buying.wanted')
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($buys && $stores->isNotEmpty())
            @include('stores.buying.send-to')
        @endif
    </form>
</section>
