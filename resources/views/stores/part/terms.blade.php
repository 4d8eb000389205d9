@php
    $price = $terms?->price === null ? '' : $w->price($terms->price);
    $least = $terms?->least === null ? '' : $w->quantity($terms->least);
    $fields = [
        ['their_number', 'Their number', $terms?->their_number, 'text'],
        ['their_price', 'Price of one', $price, 'text'],
        ['price_from', 'Price holds from', '', 'date'],
        ['their_days', 'Comes after so many days', $terms?->lead_days, 'number'],
        ['least', 'At least so many', $least, 'text'],
    ];
@endphp
<div class="pair">
    @foreach ($fields as [$name, $label, $held, $type])
        <div class="field"><label>{{ $label }}
                <input name="{{ $name }}" type="{{ $type }}"
                    value="{{ $held }}"></label>
            @if ($name === 'price_from')
                <span class="hint">Empty: from today. A price to come is kept beside
                    today's.</span>
            @endif
        </div>
    @endforeach
</div>
@if ($terms)
    <button class="btn">Save the terms</button>
@endif
