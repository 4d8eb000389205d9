<section class="part" id="hold">
    <h3>How many to hold</h3>
    <p>Reorder point today
        <b>{{ $hold['point'] === null ? 'none' : $w->thousandths($hold['point']) }}</b>.
        For
        {{ $hold['service'] }} % within {{ round($hold['days']) }} days:
        <b>{{ $hold['wanted'] }}</b>.
        <a href="{{ $by }}/hold">What each further one buys</a>
    </p>
    @if ($service->demands > 0)
        <details id="service">
            <summary>Reached within a year: {{ round((100 * $service->met) / $service->demands) }}
                %,
                {{ $service->met }} of {{ $w->count((int) $service->demands, 'demand') }} there at
                once</summary>
            <table>
                <thead>
                    <tr>
                        <th>day</th>
                        <th>for</th>
                        <th class="r">asked for</th>
                        <th class="r">there at once</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($asked as $one)
                        <tr>
                            <td>{{ $w->day($one->demanded_on) }}</td>
                            <td>
                                @if ($one->subject_kind === 'order')
                                    <a href="/orders/{{ $one->subject_id }}">{{ $one->label }}</a>
                                @else
                                    {{ $one->label }}
                                @endif
                            </td>
                            <td class="r">{{ $w->quantity($one->quantity) }}</td>
                            <td class="r">{{ $w->quantity($one->at_once) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </details>
    @endif
</section>
