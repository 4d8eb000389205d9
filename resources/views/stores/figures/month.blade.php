<x-section :title="'Used in ' . $month" id="month">
    @if ($usedIn->isEmpty())
        <p class="quiet small">Nothing was handed over.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>part</th>
                    <th class="r">used</th>
                    <th class="r">worth</th>
                    <th class="r">movements</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($usedIn as $one)
                    <tr>
                        <td><a href="/parts/{{ $one->id }}#moves">{{ $one->name }}</a> <span
                                class="tag">{{ $one->number }}</span></td>
                        <td class="r">{{ $w->quantity($one->quantity) }} {{ $one->unit }}
                        </td>
                        <td class="r">{{ $w->money((int) $one->cents) }}</td>
                        <td class="r">{{ $one->moves }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-section>
