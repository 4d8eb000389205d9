@php
    $key = "part-{$one->part->id}";
    $late = $one->comesLate($today);
    $why = $partsWords->why($one);
@endphp
<tr>
    @if ($buys)
        <td class="pick"><input type="checkbox" name="buy[]" value="{{ $key }}" checked
                aria-label="Buy {{ $one->part->name }}"></td>
    @endif
    <td class="what"><a href="/parts/{{ $one->part->id }}">{{ $one->part->name }}</a> <span
            class="tag">{{ $one->part->number }}</span></td>
    <td class="why">{{ $why }}
        @if ($late)
            <div class="late-text">To be in time it had to be ordered by
                {{ $w->day($one->orderBy) }}.</div>
        @endif
        <input type="hidden" name="why[{{ $key }}]"
            value="{{ Str::limit($why, 240, '') }}">
    </td>
    <td class="saves small">
        @foreach ($one->saves as [$what, $href])
            <a href="{{ $href }}">{{ $what }}</a>{{ $loop->last ? '' : ', ' }}
        @endforeach
    </td>
    <td class="r many">
        @if ($buys)
            <input type="text" inputmode="decimal" size="5"
                name="quantity[{{ $key }}]"
                value="{{ $w->thousandths($one->thousandths) }}"
                aria-label="How many of {{ $one->part->name }}">
        @else
            {{ $w->thousandths($one->thousandths) }}
        @endif
        {{ $one->part->unit }}
        @if ($one->part->bought())
            <span class="quiet small">{{ $one->part->bought()->words($one->thousandths) }}</span>
        @endif
    </td>
    @if ($seesPrices)
        <td class="r price">
            @if ($buys)
                <input type="text" inputmode="decimal" size="7"
                    name="price[{{ $key }}]" value="{{ $one->price($currency) }}"
                    aria-label="Price of one {{ $one->part->name }}">
            @else
                {{ $one->part->price === null ? '—' : $w->price($one->part->price) }}
            @endif
        </td>
    @endif
</tr>
@include('stores.buying.wrong', ['key' => $key])
