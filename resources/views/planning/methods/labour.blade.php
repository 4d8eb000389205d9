        <section class="part form">
            <h3>Labour</h3>
            @if ($revision?->labour->isNotEmpty())
                <table>
                    <thead>
                        <tr>
                            <th>trade</th>
                            <th class="r">people</th>
                            <th class="r">each</th>
                            <th class="r">together</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($revision->labour as $line)
                            <tr>
                                <td>{{ $line->trade->name }}@if ($ladder && $line->level > 1)
                                        <span class="tag">from
                                            {{ $ladder->name($line->level) }}</span>
                                    @endif
                                </td>
                                <td class="r">{{ $line->people }}</td>
                                <td class="r">{{ $w->minutes($line->minutes) }}</td>
                                <td class="r">
                                    {{ $w->minutes($line->people * $line->minutes) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
            </table>@else<p class="quiet small">No trade is named; the minutes of the steps
                    count.</p>
            @endif
        </section>
