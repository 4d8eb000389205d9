<section class="part" id="empty">
    <h3>Ran empty within a year</h3>
    @if ($empty->isEmpty())
        <p class="quiet small">No shelf ran empty.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>part</th>
                    <th>criticality</th>
                    <th class="r">times</th>
                    <th>last</th>
                    <th class="r">on hand now</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($empty as $one)
                    <tr>
                        <td><a href="/parts/{{ $one->id }}#moves">{{ $one->name }}</a> <span
                                class="tag">{{ $one->number }}</span></td>
                        <td>{{ $one->criticality ?? '—' }}</td>
                        <td class="r">{{ $one->times }}</td>
                        <td>{{ $w->day($one->last_on) }}</td>
                        <td class="r">{{ $w->quantity($one->on_hand) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
