<section class="part">
    <h3>Due <span
            class="aside quiet">{{ $dueAll > $due->count() ? "the first {$due->count()} of {$dueAll}" : '' }}</span>
    </h3>
    <table>
        <thead>
            <tr>
                <th>part</th>
                <th>bin</th>
                <th>class</th>
                <th>counted last</th>
                <th>due</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($due as $one)
                <tr>
                    <td><a href="/parts/{{ $one->part_id }}">{{ $one->name }}</a> <span
                            class="tag">{{ $one->number }}</span></td>
                    <td class="tag">{{ $one->bin ?? '—' }}</td>
                    <td>{{ $one->class }}</td>
                    <td>{{ $one->counted_on ? $w->day($one->counted_on) : 'never' }}</td>
                    <td>{{ $w->relative($one->due_on) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
