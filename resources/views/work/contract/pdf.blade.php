<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $contract->label() }}</title>
    @include('work.recharge.pdf-style')
</head>

<body>
    <p class="quiet">{{ $site->name }}</p>
    <h1>Order {{ $contract->label() }} to {{ $supplier->name }}</h1>
    <p>{{ $order->title }} ({{ $order->label() }}), {{ $order->worksite()->name }}
        {{ $order->worksite()->tag }}<br>
        {{ $order->planned_on ? 'Planned for ' . $order->planned_on : 'The day is agreed with your host' }}.
        Your host is {{ $contract->host->name }}. Ordered {{ $contract->ordered_on }} by
        {{ $contract->who }}.</p>
    @if ($contract->note)
        <p>{{ $contract->note }}</p>
    @endif
    <h2>Agreed</h2>
    <table>
        @foreach ($labour as $one)
            <tr>
                <td>{{ $one->people }} {{ $one->trade_name }}</td>
                <td>{{ $w->minutes($one->minutes) }} each</td>
                <td>{{ $one->agreement }}</td>
                <td class="r">{{ $w->price($one->rate) }} an hour</td>
            </tr>
        @endforeach
        @foreach ($services as $one)
            <tr>
                <td colspan="3">{{ $one->what }}</td>
                <td class="r">
                    {{ $one->planned_cents === null ? 'as invoiced' : $w->money($one->planned_cents) }}
                </td>
            </tr>
        @endforeach
        <tr class="sum">
            <th colspan="3">In all</th>
            <td class="r">{{ $agreed }}</td>
        </tr>
    </table>
    @if ($precautions->isNotEmpty())
        <h2>Before the work begins</h2>
        <ul>
            @foreach ($precautions as $text)
                <li>{{ $text }}</li>
            @endforeach
        </ul>
    @endif
    <p>Put {{ $contract->label() }} on your invoice.</p>
</body>

</html>
