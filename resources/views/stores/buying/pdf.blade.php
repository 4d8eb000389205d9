<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $purchase->label() }}</title>
    @include('work.recharge.pdf-style')
</head>

<body>
    <p class="quiet">{{ $site->name }}</p>
    <h1>Purchase {{ $purchase->label() }}</h1>
    <p>To {{ $purchase->supplier->name }}<br>{{ $purchase->supplier->address }}</p>
    <p>Deliver to {{ $site->name }}, {{ $purchase->store->name }}@if ($purchase->expected_on)
            , by {{ $purchase->expected_on }}
        @endif
    </p>
    <table>
        <thead>
            <tr>
                <th>number</th>
                <th>what</th>
                <th class="r">how many</th>
                <th class="r">price of one</th>
                <th class="r">amount</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($purchase->lines as $line)
                <tr>
                    <td>{{ $line->their_number ?? $line->part?->number }}</td>
                    <td>{{ $line->name }}</td>
                    <td class="r">
                        {{ $line->pack() ? $line->pack()->words($line->thousandths()) . ' =' : '' }}
                        {{ $w->quantity($line->quantity) }} {{ $line->unit }}</td>
                    <td class="r">{{ $line->price === null ? '' : $w->price($line->price) }}
                    </td>
                    <td class="r">{{ $line->cost() === null ? '' : $w->money($line->cost()) }}
                    </td>
                </tr>
            @endforeach
            <tr>
                <td colspan="4">Total</td>
                <td class="r">{{ $w->money($total) }}</td>
            </tr>
        </tbody>
    </table>
    <p>{{ $purchase->note }}</p>
</body>

</html>
