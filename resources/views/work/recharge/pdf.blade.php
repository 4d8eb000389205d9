<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>Recharge of {{ $order->label() }}</title>
    @include('work.recharge.pdf-style')
</head>

<body>
    <p class="quiet">{{ $site->name }}</p>
    <h1>Recharge of {{ $order->label() }}</h1>
    <p>{{ $order->title }}, {{ $order->worksite()->name }}<br>
        To {{ $recharge?->customer }}@if ($recharge?->customer_order)
            , their order {{ $recharge->customer_order }}
        @endif
        @if ($recharge?->invoice)
            <br>Invoice {{ $recharge->invoice }}
        @endif
    </p>
    @include('work.recharge.lines')
</body>

</html>
