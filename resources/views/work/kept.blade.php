@php
    $says = [
        'too few visits to say' =>
            'Fewer than four visits were done in that time: too few to judge the interval.',
        'not kept' =>
            'Fewer than half of the visits were done on time, so the interval cannot be judged by what ' .
            'happened. Keep the plan first, or plan what can be kept.',
        'looks too long' =>
            2 * $findings->failed >= max(4, $findings->asked)
                ? 'Every second visit or more found a failure: the interval looks too long.'
                : 'Something broke for every two visits or more: the interval looks too long, or the method ' .
                    'misses what breaks.',
        'may be longer' =>
            $findings->asked >= 6 && $findings->areNone()
                ? 'None of the visits found anything, and nothing broke: the interval may be longer.'
                : 'The visits were done late by more than a quarter of the interval on average, and nothing ' .
                    'broke: the interval may be longer.',
        'nothing speaks against it' => 'Nothing in that time speaks against the interval.',
    ][$verdict->value];
@endphp
<h3>
    How it is kept <span class="aside quiet">since {{ $w->day($from) }}</span></h3>
@if ($kept->visits === 0)
    <p class="quiet small">No visit has come to its end in that time.</p>
@else<dl class="facts">
        <div>
            <dt>on time</dt>
            <dd>{{ $kept->onTime }} of <a href="#visits">{{ $w->count($kept->visits, 'visit') }}</a>,
                {{ $kept->percent() }} %</dd>
        </div>
        <div>
            <dt>late, early, left out</dt>
            <dd>{{ $kept->late }}, {{ $kept->early }}, {{ $kept->leftOut }}</dd>
        </div>
        <div>
            <dt>on average</dt>
            @php
                $meanDaysWords =
                    $kept->meanDays === null
                        ? '—'
                        : ($kept->meanDays === 0
                            ? 'on the day'
                            : number_format(abs($kept->meanDays) / 10, 1) .
                                ' d ' .
                                ($kept->meanDays > 0 ? 'late' : 'early'));
            @endphp
            <dd>{{ $meanDaysWords }}
            </dd>
        </div>
        @if ($findings->asked > 0)
            <div>
                <dt>visits with a failure, to watch</dt>
                <dd>{{ $findings->failed }}, {{ $findings->watched }} of {{ $findings->asked }}
                    judged</dd>
            </div>
        @endif
        <div>
            <dt>days with a breakdown</dt>
            <dd>
                @if ($breakdowns > 0)
                    <a
                        href="/orders?asset={{ $schedule->asset_id }}&amp;state=all">{{ $breakdowns }}</a>
                @else
                    none
                @endif
            </dd>
        </div>
    </dl>
    <p>{{ $says }}</p>
@endif
