        @unless ($meter->isGauge())<section class="part">
                <h3>Due by this meter</h3>
                @if ($goals === [])
                    <p class="quiet small">No schedule counts on it. Add one on
                        {{ $meter->asset->name }}, and choose this
                        meter in its sentence.</p>
                @else
                    <div class="scroll">
                        <table>
                            <thead>
                                <tr>
                                    <th>schedule</th>
                                    <th class="r">due when it shows</th>
                                    <th class="r">to go</th>
                                    <th class="r">expected</th>
                                    <th>how sure</th>
                                    <th></th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($goals as $goal)
                                    <tr>
                                        <td><a href="{{ $goal['href'] }}">{{ $goal['label'] }}</a>
                                        </td>
                                        <td class="r reading">
                                            {{ $meter->text($meter->shownAt($goal['total'])) }}</td>
                                        <td class="r reading">
                                            @php
                                                $lastTotalWords = $meter->text(
                                                    max(0, $goal['total'] - $meter->total()),
                                                );
                                            @endphp
                                            {{ $lastTotalWords }}
                                        </td>
                                        <td class="r">
                                            @php
                                                $expectedWords =
                                                    $goal['expected'] === null
                                                        ? 'no rate'
                                                        : ($goal['reached'] ? '' : '≈ ') .
                                                            $w->day($goal['expected']);
                                            @endphp
                                            {{ $expectedWords }}
                                        </td>
                                        @php
                                            $reachedWords = $goal['reached']
                                                ? 'reached by a reading'
                                                : ($goal['early'] === null
                                                    ? 'fewer than four rates'
                                                    : $w->day($goal['early']) .
                                                        ' to ' .
                                                        ($goal['late'] === null
                                                            ? 'open'
                                                            : $w->day($goal['late'])));
                                        @endphp
                                        <td>{{ $reachedWords }}
                                        </td>
                                        <td class="quiet">{{ $goal['state'] }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                @endif
            </section>
        @endunless
