<section class="part" id="{{ $id }}">
    <h3>{{ $title }}</h3>
    @if ($some->isEmpty())
        <p class="quiet small">{{ $none }}</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>purchase</th>
                    <th>from</th>
                    <th>state</th>
                    <th class="r">lines</th>
                    @if ($seesPrices)
                        <th class="r">worth</th>
                    @endif
                    <th>expected</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($some as $one)
                    @php
                        $late =
                            $one->state->isUnderWay() &&
                            $one->expected_on !== null &&
                            $one->expected_on < (string) $today;
                    @endphp
                    <tr>
                        <td><a href="/purchases/{{ $one->id }}">{{ $one->label() }}</a></td>
                        <td>{{ $one->supplier->name }}</td>
                        <td>{{ $one->state->value }}</td>
                        <td class="r">{{ $one->lines->count() }}</td>
                        @if ($seesPrices)
                            <td class="r">{{ $w->money($one->total()) }}</td>
                        @endif
                        <td class="{{ $late ? 'late-text' : '' }}">
                            {{ $one->expected_on ? $w->weekday($one->expected_on) : '—' }}{{ $late ? ', late' : '' }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
