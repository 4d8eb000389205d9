<table>
    <thead>
        <tr>
            <th>day</th>
            <th>what</th>
            <th></th>
            <th class="r">takes</th>
            <th class="r">brings</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($coming as $one)
            <tr>
                <td>{{ $one->expected_on ? $w->weekday($one->expected_on) : 'no day yet' }}</td>
                <td><a href="/purchases/{{ $one->purchase_id }}">B-{{ $one->number }}</a>
                    {{ $one->supplier }}</td>
                <td class="quiet">on its way</td>
                <td></td>
                <td class="r">{{ $w->quantity($one->quantity - $one->received) }}</td>
            </tr>
        @endforeach
        @foreach ($demand as $one)
            <tr>
                <td>{{ $w->weekday($one->on) }}</td>
                <td><a href="{{ $one->href }}">{{ $one->what }}</a></td>
                <td class="quiet">{{ $one->kind->value }}</td>
                <td class="r">{{ $w->thousandths($one->thousandths) }}</td>
                <td></td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($isMore)
    <p class="quiet small">The first {{ count($demand) }}; there are more.</p>
@endif
