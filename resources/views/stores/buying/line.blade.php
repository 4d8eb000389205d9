@php
    $left = $w->thousandths($line->left());
    $of = $line->name;
@endphp
<tr>
    <td>
        @if ($line->part_id)
            <a href="/parts/{{ $line->part_id }}">{{ $line->name }}</a> <span
                class="tag">{{ $line->part?->number }}</span>
        @else
            {{ $line->name }}
        @endif
        @if ($line->subject_kind === 'order')
            <span class="small">for <a
                    href="/orders/{{ $line->subject_id }}">{{ $line->label }}</a></span>
        @endif
    </td>
    <td class="r">{{ $w->quantity($line->quantity) }} {{ $line->unit }}
        @if ($line->pack())
            <span class="quiet small">{{ $line->pack()->words($line->thousandths()) }}</span>
        @endif
    </td>
    <td class="r">{{ $w->quantity($line->received) }}</td>
    @if ($seesPrices)
        <td class="r">{{ $line->price === null ? '—' : $w->price($line->price) }}</td>
    @endif
    <td class="drop small quiet">{{ $line->why }}</td>
    @if ($mayReceive)
        <td class="r"><input type="text" inputmode="decimal" size="5"
                name="came[{{ $line->id }}]" aria-label="Came of {{ $of }}"
                value="{{ $line->left() > 0 ? $left : '' }}">
            @if ($line->pack())
                <select name="in[{{ $line->id }}]"
                    aria-label="{{ $of }} counted in">
                    <option value="{{ $line->unit }}">{{ $line->unit }}</option>
                    <option value="{{ $line->pack()->name }}">
                        {{ $line->pack()->says() }}</option>
                </select>
            @endif
            @if ($line->stock_id && $line->part?->tracked)
                @php
                    $which = $line->part->tracked === 'serial' ? 'serial numbers' : 'batch';
                @endphp
                <textarea name="lots[{{ $line->id }}]" rows="1" placeholder="{{ $which }}"
                    aria-label="{{ ucfirst($which) }} of {{ $of }}"></textarea>
                @if ($line->part->tracked === 'batch')
                    <input type="date" name="best_before[{{ $line->id }}]"
                        aria-label="{{ $of }} keeps until">
                @endif
            @endif
            @error("lines.{$line->id}")
                <span class="error">{{ $message }}</span>
            @enderror
        </td>
        <td class="r"><input type="text" inputmode="decimal" size="4"
                name="back[{{ $line->id }}]" aria-label="Goes back of {{ $of }}">
        </td>
        <td class="r"><input type="text" inputmode="decimal" size="7"
                name="price[{{ $line->id }}]" aria-label="Billed at, {{ $of }}"
                placeholder="{{ $line->price === null ? 'needed' : 'as agreed' }}">
            @error("price.{$line->id}")
                <span class="error">{{ $message }}</span>
            @enderror
        </td>
    @endif
</tr>
