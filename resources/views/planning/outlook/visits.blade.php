        <section class="part" id="visits">
            <h3>Visits</h3>
            @if ($page['rows'] === [])
                <p class="quiet">None from {{ $w->day($from) }}. Schedules are added on the sheets
                    of their assets.
            </p>@else<div class="scroll">
                    <table class="table-narrow">
                        <thead>
                            <tr>
                                <th>day</th>
                                <th>how sure</th>
                                <th>schedule</th>
                                <th>asset</th>
                                <th class="r drop">hours</th>
                                @can('write-plans')
                                    <th></th>
                                @endcan
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($page['rows'] as $visit)
                                <tr>
                                    <td class="nowrap">
                                        {{ $visit->expected ? '≈ ' : '' }}{{ $w->weekday($visit->planned_on) }}
                                    </td>
                                    <td>
                                        @if ($visit->in_hand)
                                            <span class="w in-hand">in hand
                                                {{ $visit->in_hand }}</span>
                                        @elseif ($visit->late)
                                            <span class="w late">late</span>
                                        @elseif ($visit->expected)
                                            @php
                                                $earlyOnWords = $visit->early_on
                                                    ? $w->day($visit->early_on) .
                                                        ' to ' .
                                                        ($visit->late_on
                                                            ? $w->day($visit->late_on)
                                                            : 'open')
                                                    : 'expected';
                                            @endphp
                                        <span class="quiet">{{ $earlyOnWords }}</span>@else<span
                                                class="quiet">fixed</span>
                                        @endif
                                    </td>
                                    <td><a
                                            href="/schedules/{{ $visit->schedule_id }}">{{ $visit->name }}</a>
                                        @php
                                            $stands = "{$visit->schedule_id} {$visit->planned_on}";
                                            $names = $lacking[$stands] ?? [];
                                        @endphp
                                        @if ($names)
                                            <span class="late-text small">without
                                                {{ implode(', ', $names) }}</span>
                                        @endif
                                    </td>
                                    <td><a class="plain"
                                            href="/assets/{{ $visit->asset_id }}">{{ $visit->asset }}
                                            <span class="tag">{{ $visit->tag }}</span></a>
                                    </td>
                                    <td class="r drop">{{ $w->minutes($visit->minutes) }}</td>
                                    @can('write-plans')
                                        @php($of = "{$visit->name} on {$visit->tag}")
                                        <td class="r">
                                            @if ($visit->movable)
                                                <details class="in-place">
                                                    <summary aria-label="Move {{ $of }}">
                                                        move
                                                    </summary>
                                                    <form method="post"
                                                        action="/schedules/{{ $visit->schedule_id }}/move">
                                                        @csrf
                                                        @method('put')<input type="date"
                                                            name="moved_to"
                                                            value="{{ $visit->planned_on }}"
                                                            min="{{ $visit->movable[0] }}"
                                                            max="{{ $visit->movable[1] }}"
                                                            aria-label="New day of {{ $of }}"><button
                                                            class="btn slim">Move</button></form>
                                                </details>
                                            @endif
                                        </td>
                                    @endcan
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($page['more'])
                    <a class="btn"
                        href="{{ $address->with(['after' => implode(',', $page['more'])]) }}">Next
                        {{ count($page['rows']) }}</a>
                @endif
            @endif
            <p class="quiet small">Each visit is taken as done on its day, and each meter as going
                on at its rate.</p>
        </section>
