<table>
    <tbody>
        <tr>
            <th colspan="3">Serial numbers fitted</th>
        </tr>
        @foreach ($pieces as $lot)
            <tr>
                <td class="tag">{{ $lot->note }}</td>
                <td><a href="/parts/{{ $lot->part_id }}#lots">{{ $lot->name }}</a> <span
                        class="tag">{{ $lot->number }}</span></td>
                <td class="quiet">since {{ $w->day($lot->fitted_on) }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
