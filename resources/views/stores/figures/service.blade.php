<section class="part" id="service">
    <h3>Asked for and not there at once, within a year
        @if ($service->demands > 0)
            <span class="aside quiet">there at once
                <b>{{ round((100 * $service->met) / $service->demands, 1) }} %</b></span>
        @endif
    </h3>
    <p class="quiet small">Each line of an approved order, and each piece that was fetched, counts
        once:
        {{ $w->number((int) $service->met) }} of {{ $w->count((int) $service->demands, 'demand') }}
        were
        there whole when they were asked for.</p>
    @if ($missed->isNotEmpty())
        <table>
            <thead>
                <tr>
                    <th>part</th>
                    <th>criticality</th>
                    <th class="r">asked for</th>
                    <th class="r">there at once</th>
                    <th class="r">service</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($missed as $one)
                    <tr>
                        <td><a href="/parts/{{ $one->id }}#service">{{ $one->name }}</a>
                            <span class="tag">{{ $one->number }}</span>
                        </td>
                        <td>{{ $one->criticality ?? '—' }}</td>
                        <td class="r">{{ $one->demands }}</td>
                        <td class="r">{{ $one->met }}</td>
                        <td class="r">{{ round((100 * $one->met) / $one->demands) }} %</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
