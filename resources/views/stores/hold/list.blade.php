<x-sheet title="How many to hold">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>Parts of criticality A and B: what is held against failures while resupply
        comes.
        {{ $says }}</x-slot:meta>
    @if ($lines === [])
        <p class="quiet">No part of criticality A or B is kept in a store of this site.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>part</th>
                    <th>criticality</th>
                    <th class="r">held</th>
                    <th class="r">reorder point</th>
                    <th class="r">should be</th>
                    <th class="r">chance as it is</th>
                    <th class="r">wanted</th>
                    <th class="r drop">failures meanwhile</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($lines as $line)
                    <tr>
                        <td><a
                                href="/parts/{{ $line['part']->id }}/hold">{{ $line['part']->name }}</a>
                            <span class="tag">{{ $line['part']->number }}</span>
                            @if ($line['agreed'])
                                <span class="quiet small">agreed</span>
                            @endif
                        </td>
                        <td>{{ $line['part']->criticality }}</td>
                        <td class="r">{{ $w->thousandths($line['held']) }}
                        </td>
                        <td @class([
                            'r',
                            'late-text' => $line['wanted'] * 1000 > ($line['point'] ?? 0),
                        ])>
                            {{ $line['point'] === null ? 'none' : $w->thousandths($line['point']) }}
                        </td>
                        <td class="r">{{ $line['wanted'] }}</td>
                        <td class="r">{{ number_format($line['chance'] * 100, 1) }} %</td>
                        <td class="r">{{ $line['service'] }} %</td>
                        <td class="r drop">{{ number_format($line['mean'], 2) }} in
                            {{ round($line['days']) }} d</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-sheet>
