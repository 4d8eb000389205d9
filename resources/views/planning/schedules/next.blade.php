@if ($schedule->ended)
    <p>This schedule has ended; it makes no more orders.</p>
@elseif ($schedule->held_from && $shown->isPaused)
    <p><b>{{ ucfirst($words->heldUp($schedule)) }}</b>: {{ $schedule->pause_reason }}.
        It makes no orders meanwhile{{ $shown->pause }}.
    </p>
@elseif ($schedule->held_from)
    <p>Held up: {{ $schedule->asset->name }} is not in use since
        {{ $w->day($schedule->held_from) }}. It
        makes no orders until the asset is back.</p>
@elseif ($shown->day === null)
    <p>Visit {{ $schedule->standing->next_number }}:
        <b>{{ $schedule->rule === 'condition' ? 'waits for its gauge' : 'no date can be expected yet' }}</b>.
        {{ $words->usage($schedule) ?: $words->conditionStands($schedule) }}.
    </p>
@else
    <p>Visit
        {{ $schedule->standing->next_number }}{{ $shown->level === null ? '' : ", {$shown->level}" }}:
        <b>{{ $shown->day }}</b>,
        <span
            class="w {{ str_replace(' ', '-', (string) $shown->near?->value) }}">{{ $words->standing($schedule) }}</span>.
        {{ ucfirst($words->because($schedule)) }}.
        {{ $shown->order }}
        {{ $shown->onTime }}
    </p>
    @if ($schedule->meter_id)
        <p>{{ $words->usage($schedule) }}.
            {{ $shown->first }}
            <a href="/meters/{{ $schedule->meter_id }}">{{ $shown->toMeter }}</a>.
        </p>
    @endif
    @if ($schedule->gauge_id)
        <p>{{ $words->conditionStands($schedule) }}. <a
                href="/meters/{{ $schedule->gauge_id }}">Its
                gauge</a>.</p>
    @endif
    @if ($shown->pause)
        <p>{{ $shown->pause }}</p>
    @endif
@endif
