<section class="part" id="beside">
    <h3>{{ $beside['one']->key }} beside {{ $beside['other']->key }}</h3>
    <p>Of as much planned time, {{ $beside['one']->key }} loses
        <b>{{ $said->difference($beside['lost']) }}</b> than
        {{ $beside['other']->key }}{{ $beside['cents'] === null ? '' : ", {$w->money($beside['cents'])}" }}.
    </p>
    <table>
        <thead>
            <tr>
                <th></th>
                <th class="r">{{ $beside['one']->key }}</th>
                <th class="r">{{ $beside['other']->key }}, of as much time</th>
                <th class="r">difference</th>
            </tr>
        </thead>
        <tbody>
            @foreach (['stops', 'speed', 'rejects', 'good'] as $part)
                @php
                    $mine = $beside['one']->oee->losses()[$part];
                @endphp
                <tr>
                    <td>{{ $part }}</td>
                    <td class="r">{{ $said->minutes($mine) }} min</td>
                    <td class="r">{{ $said->minutes($mine - $beside['against'][$part]) }} min
                    </td>
                    <td class="r">{{ $said->difference($beside['against'][$part]) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
