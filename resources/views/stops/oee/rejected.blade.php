<x-sheet title="Rejects">
    <x-slot:crumbs><a href="/stops/oee?{{ $asked->query() }}#rejects">Effectiveness</a></x-slot:crumbs>
    <x-slot:meta>{{ $asked->rejects }} {{ $asked->value }}, {{ $asked->days }} days, the
        last ones
        first</x-slot:meta>
    @if ($rows->isEmpty())
        <p class="quiet">None.</p>
    @else
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>shift</th>
                        <th>line</th>
                        <th>product</th>
                        <th>reason</th>
                        <th class="r">pieces</th>
                        <th class="r">min</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $one)
                        <tr>
                            <td><a href="/shifts/{{ $one->id }}#output">{{ $w->day($one->day) }},
                                    {{ $one->shift }}</a></td>
                            <td>{{ $one->line }}</td>
                            <td>{{ $one->product }}</td>
                            <td>{{ $one->reason }}</td>
                            <td class="r">{{ $w->number((int) $one->pieces) }}</td>
                            <td class="r">{{ $said->minutes((float) $one->seconds / 60) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($rows->count() === $most)
            <p class="quiet small">The last {{ $most }}.</p>
        @endif
    @endif
</x-sheet>
