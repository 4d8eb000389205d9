<section class="part" id="differ">
    <h3>What differs
        @if ($seesPrices)
            <span class="aside quiet">{{ $w->money($worth) }} in all, at the average</span>
        @endif
    </h3>
    <table>
        <thead>
            <tr>
                <th>part</th>
                <th class="r">books then</th>
                <th class="r">counted</th>
                <th class="r">differs by</th>
                @if ($seesPrices)
                    <th class="r">worth</th>
                @endif
                <th>who</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($differ as $line)
                <tr>
                    <td><a
                            href="/parts/{{ $line->stock->part_id }}">{{ $line->stock->part->name }}</a>
                    </td>
                    <td class="r">{{ $w->quantity($line->by_books) }}</td>
                    <td class="r">{{ $w->quantity($line->counted) }}</td>
                    <td class="r">{{ $w->thousandths($line->difference()) }}
                    </td>
                    @if ($seesPrices)
                        <td class="r">
                            {{ $line->worth() === null ? 'unknown' : $w->money($line->worth()) }}
                        </td>
                    @endif
                    <td>{{ $line->counted_who }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
