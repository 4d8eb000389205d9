<h3>
    Schedules <span class="aside">
        @can('see-plant')
            <a href="/outlook?asset={{ $assetId }}">outlook</a>
            @endcan @can('write-plans')
            <a href="/assets/{{ $assetId }}/schedules/new">add one</a>
        @endcan
    </span>
</h3>
@if ($schedules->isEmpty())
    <p class="quiet small">
        {{ $rounds->isEmpty() ? 'No schedule: nothing falls due here by itself.' : 'No schedule of its own.' }}
    </p>
@else
    <div class="scroll">
        <table class="table-narrow">
            <thead>
                <tr>
                    <th></th>
                    <th>schedule</th>
                    <th class="drop">every</th>
                    <th class="r drop">last</th>
                    <th class="r">next</th>
                    <th class="r">order made</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($schedules as $schedule)
                    @php
                        $visit = $schedule->nextVisit();
                        $going = !$schedule->ended && $schedule->held_from === null;
                    @endphp

                    <tr @class(['quietly' => !$going])>
                        <td class="glyph"><x-dial :nearness="$going
                            ? $visit?->nearness($w->today(), $schedule->standing->in_hand !== null)
                            : null" :consumed="$visit?->consumed($w->today())"
                                :other="$sayer->otherShare($schedule)" /></td>
                        <td><a href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                            @if ($schedule->round_id)
                                <span class="tag">round</span>
                            @endif
                            <div class="quiet small">
                                {{ $going ? $sayer->because($schedule) : $sayer->standing($schedule) }}
                            </div>
                            @if ($going && $schedule->meter_id)
                                <div class="quiet small">{{ $sayer->usage($schedule) }}</div>
                            @endif
                        </td>
                        <td class="drop">{{ $sayer->every($schedule) }}</td>
                        <td class="r drop">{{ $w->day($schedule->last_done_on) }}</td>
                        <td class="r">
                            @if ($going)
                                @php
                                    $expectedWords = $schedule->standing->expected ? '≈ ' : '';
                                    $nextDueOnWords = $w->day($schedule->standing->next_due_on);
                                @endphp
                                <span
                                    title="{{ $schedule->standing->next_due_on }}">{{ $expectedWords }}{{ $nextDueOnWords }}</span>
                                @if ($schedule->standing->readingWanted($w->today()))
                                    <div class="w due small">reading wanted</div>
                                @endif
                            @else
                                —
                            @endif
                        </td>
                        <td class="r">
                            @if ($going && $schedule->standing->in_hand === null && $sayer->noOrder($schedule) !== null)
                                <span title="{{ $sayer->noOrder($schedule) }}">none</span>
                            @else
                                {{ !$going ? 'none' : $schedule->standing->in_hand ?? $w->day($schedule->standing->release_on) }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif
@if ($rounds->isNotEmpty())
    <p class="small">Walked by {{ $rounds->count() === 1 ? 'the round' : 'the rounds' }}
        @foreach ($rounds as $round)
            <a
                href="/rounds/{{ $round->id }}">{{ $round->name }}</a>{{ $loop->last ? '.' : ', ' }}
        @endforeach
    </p>
@endif
