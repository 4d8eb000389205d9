<section class="part">
    <h3>{{ $title }}</h3>
    @if ($some->isEmpty())
        <p class="quiet small">None.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>count</th>
                    <th>what</th>
                    <th class="r">counted</th>
                    <th>made</th>
                    <th>booked</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($some as $one)
                    <tr>
                        <td><a href="/counts/{{ $one->id }}">{{ $one->label() }}</a></td>
                        <td>{{ $one->about }}</td>
                        <td class="r">{{ $one->counted_count }} of {{ $one->lines_count }}</td>
                        <td>{{ $w->day($one->made_on) }}, {{ $one->made_who }}</td>
                        <td>{{ $one->booked_on ? $w->day($one->booked_on) . ', ' . $one->booked_who : '—' }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
