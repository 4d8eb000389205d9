@php
    $address = $frame->address('/stops/list', $query);
    $helped = $frame->address('/stops/helped', ['reason' => $value]);
@endphp
<x-sheet :title="$value === '' ? 'Stops, one by one' : $value">
    <x-slot:crumbs><a href="/stops">Stops</a></x-slot:crumbs>
    <x-slot:meta>Those of {{ $days }} days, the last ones first.
        <a href="{{ $address->at('/stops/list.csv') }}" hx-boost="false">as CSV</a>
        <a href="{{ $address->at('/stops/list.json') }}" hx-boost="false">as JSON</a>
        @if (($query['by'] ?? 'reason') === 'reason' && $value !== '')
            <a href="{{ $helped }}">did it help?</a>
        @endif
    </x-slot:meta>
    @if ($stops->isEmpty())
        <p class="quiet">None.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>asset</th>
                    <th>from</th>
                    <th>to</th>
                    <th class="r">for</th>
                    <th>reason</th>
                    <th class="drop">kind</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($stops as $one)
                    <tr>
                        <td><a href="/assets/{{ $one->asset_id }}#stops">{{ $one->asset }}</a>
                            <span class="tag">{{ $one->tag }}</span>
                        </td>
                        <td><a
                                href="/stops/{{ $one->id }}">{{ $w->instant($one->from_at) }}</a>
                        </td>
                        <td>{{ $one->to_at ? $w->instant($one->to_at) : 'still down' }}</td>
                        <td class="r">{{ $w->lasting(intdiv((int) $one->seconds, 60)) }}</td>
                        <td>{{ $one->reason }} <span
                                class="quiet small">{{ $one->note }}</span></td>
                        <td class="quiet drop">{{ $one->kind ?? 'no reason of the list' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($stops->count() === $most)
            <p class="quiet small">The last {{ $most }}; the file has all.</p>
        @endif
    @endif
</x-sheet>
