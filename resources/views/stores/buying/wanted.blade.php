<tr>
    @if ($buys)
        <td class="pick"><input type="checkbox" name="buy[]" value="{{ $one->key() }}" checked
                aria-label="Buy {{ $one->what->name }}"></td>
    @endif
    <td class="what">{{ $one->what->name }}</td>
    <td class="why">bought in, goes to its
        order{{ $one->neededOn ? ' by ' . $w->weekday($one->neededOn) : '' }}
    </td>
    <td class="saves small"><a href="{{ $one->href }}">{{ $one->label }}</a></td>
    <td class="r many">{{ $w->thousandths($one->what->thousandths) }}
        {{ $one->what->unit }}</td>
    @if ($seesPrices)
        <td class="r price">
            @if ($buys)
                <input type="text" inputmode="decimal" size="7"
                    name="price[{{ $one->key() }}]" value="{{ $one->what->price?->plain() }}"
                    aria-label="Price of one {{ $one->what->name }}">
            @else
                {{ $one->what->price?->plain() ?? '—' }}
            @endif
        </td>
    @endif
</tr>
@include('stores.buying.wrong', ['key' => $one->key()])
