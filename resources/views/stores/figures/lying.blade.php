<section class="part" id="lying">
    <h3>Not taken for {{ $w->count($months, 'month') }}
        <span class="aside">
            @foreach ([6, 12, 24] as $one)
                <a href="/stores/figures?months={{ $one }}#lying">{{ $one }}</a>
            @endforeach
        </span>
    </h3>
    <table>
        <thead>
            <tr>
                <th>part</th>
                <th>criticality</th>
                <th class="r">on hand</th>
                <th class="r">worth</th>
                <th>taken last</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($lying as $one)
                <tr>
                    <td><a href="/parts/{{ $one->id }}">{{ $one->name }}</a> <span
                            class="tag">{{ $one->number }}</span></td>
                    <td>{{ $one->criticality ?? '—' }}</td>
                    <td class="r">{{ $w->quantity($one->on_hand) }} {{ $one->unit }}</td>
                    <td class="r">{{ $w->money((int) $one->value_cents) }}</td>
                    <td>{{ $one->last_on ? $w->day($one->last_on) : 'never' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
