<h3>Where it was used</h3>
<table>
    <thead>
        <tr>
            <th>on</th>
            <th class="r">used in a year</th>
            <th class="r">orders</th>
            <th>last</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($assets as $one)
            <tr>
                <td><a href="/{{ $one->kind }}/{{ $one->id }}">{{ $one->name }}</a> <span
                        class="tag">{{ $one->tag }}</span></td>
                <td class="r">{{ $w->quantity($one->used) }}</td>
                <td class="r">{{ $one->orders }}</td>
                <td>{{ $w->day($one->last_on) }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
<p class="quiet small">By month: {{ $months }}</p>
