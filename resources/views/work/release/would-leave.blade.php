    <section class="part">
        <h3>Would be left, and why <span class="aside quiet">leads of the next 14 days, and what
                is held up</span>
        </h3>
        @if ($left === [])
        <p class="quiet">Nothing.</p>@else<div class="scroll">
                <table>
                    <thead>
                        <tr>
                            <th>schedule</th>
                            <th>asset</th>
                            <th>left because</th>
                            <th class="r">due</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($left as $line)
                            <tr>
                                <td><a
                                        href="/schedules/{{ $line['schedule']->id }}">{{ $line['schedule']->name }}</a>
                                </td>
                                <td>{{ $line['schedule']->asset->name }} <span
                                        class="tag">{{ $line['schedule']->asset->tag }}</span>
                                </td>
                                @php
                                    $becauseWords =
                                        $line['because']->value === 'in hand'
                                            ? " {$line['schedule']->standing->in_hand}"
                                            : ($line['because']->value === 'lead not come'
                                                ? ', comes ' .
                                                    $w->day($line['schedule']->standing->release_on)
                                                : '');
                                @endphp
                                <td>{{ $line['because']->value }}{{ $becauseWords }}
                                </td>
                                <td class="r">
                                    {{ $w->day($line['schedule']->standing->next_due_on) }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </section>
