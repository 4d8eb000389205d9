<form class="report" method="post" action="/floor/parts/{{ $part->id }}">@csrf
    <fieldset>
        <legend>For</legend>
        <div class="taps one">
            @php
                $chosen = $orders->first()?->label();
            @endphp
            @foreach ($orders as $order)
                <label class="tap"><input type="radio" name="order" value="{{ $order->label() }}"
                        @checked($chosen === $order->label())><span>{{ $order->label() }}
                        {{ Str::limit($order->title, 32, '…') }}</span></label>
            @endforeach
        </div>
        @if ($orders->isEmpty())
            <label>Order <input name="order" placeholder="W-1042" required></label>
        @endif
    </fieldset>
    <label>How many <input type="text" name="quantity" inputmode="decimal" value="1"
            required></label>
    @if ($part->packs() !== [])
        <label>Counted in <select name="in">
                <x-option name="in" :value="$part->unit">{{ $part->unit }}</x-option>
                @foreach ($part->packs() as $pack)
                    <x-option name="in" :value="$pack->name" :current="$part->issue_unit">{{ $pack->says() }}
                        {{ $part->unit }}</x-option>
                @endforeach
            </select></label>
    @endif
    @if ($part->tracked)
        <label>{{ $part->tracked === 'serial' ? 'Serial numbers' : 'Batch' }}
            <input type="text" name="lots" autocomplete="off"
                placeholder="empty: what goes first"></label>
    @endif
    @if ($mayTake)
        <label class="check"><input type="checkbox" name="all_the_same" value="1"> Although it
            is
            promised elsewhere</label>
    @endif
    <div class="two">
        <button class="btn strong wide">Take it</button>
        <button class="btn wide" name="given_back" value="1">Put it back</button>
    </div>
</form>
