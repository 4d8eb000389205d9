@if ($order->covered->isNotEmpty())
    <section class="part">
        <h3>Visits that it covers</h3>
        <table>
            <tbody>
                @foreach ($order->covered as $covered)
                    <tr>
                        @php
                            $scheduleName = $covered->schedule->name;
                        @endphp
                        <td><a href="/schedules/{{ $covered->schedule_id }}">{{ $scheduleName }}</a>,
                            visit {{ $covered->number }}</td>
                        <td>planned
                            {{ $covered->expected ? 'about ' : '' }}{{ $w->day($covered->planned_on) }}
                        </td>
                        <td>{{ $covered->state->value }}{{ $covered->done_on ? ' ' . $w->day($covered->done_on) : '' }}
                            @if ($covered->reading_id)
                                <div class="quiet small">
                                    {{ $scheduleWords->madeDue($covered) }}</div>
                                @endif @if ($covered->note && $covered->state->value === 'in hand')
                                    <div class="w due small">{{ $covered->note }}</div>
                                @endif
                        </td>
                        <td class="r">
                            @php
                                $outcome =
                                    $covered->state->value === 'done'
                                        ? 'next ' .
                                            $w->day($covered->schedule->standing->next_due_on)
                                        : '';
                            @endphp
                            {{ $outcome }}
                            @if ($mayAssign && $covered->state->value === 'in hand' && !$loop->first)
                                <form method="post"
                                    action="{{ $by }}/along/{{ $covered->id }}">
                                    @csrf @method('delete')<button class="btn slim">leave
                                        it out</button>
                                </form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
