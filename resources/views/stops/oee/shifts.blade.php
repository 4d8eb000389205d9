<x-sheet title="Shifts">
    <x-slot:crumbs><a href="/stops/oee?{{ $asked->query() }}">Effectiveness</a></x-slot:crumbs>
    <x-slot:meta>{{ $asked->value === '' ? 'All lines' : "{$asked->by} {$asked->value}" }},
        {{ $asked->days }} days: OEE
        {{ $said->percent($sum->oee->oee()) }} of {{ $w->count($sum->shifts, 'shift') }}</x-slot:meta>
    <div class="scroll">
        <table>
            <thead>
                <tr>
                    <th>shift</th>
                    <th>line</th>
                    <th>team</th>
                    <th class="r">planned min</th>
                    <th class="r">OEE</th>
                    <th>signed by</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shifts as $one)
                    <tr>
                        <td><a href="/shifts/{{ $one->id }}">{{ $w->day($one->day) }},
                                {{ $one->shift }}</a></td>
                        <td>{{ $one->line }}</td>
                        <td class="quiet">{{ $one->team }}</td>
                        <td class="r">{{ $said->minutes($one->planned_s / 60) }}</td>
                        <td class="r">
                            {{ $said->shareOf((float) $one->good_s, (int) $one->planned_s) }}
                        </td>
                        <td class="quiet">{{ $one->signed_who }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($shifts->count() === $most)
        <p class="quiet small">The last {{ $most }}.</p>
    @endif
</x-sheet>
