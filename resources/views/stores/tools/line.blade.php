@php
    $next = $one->bookings[0] ?? null;
    $until = $one->tool->calibrated_until;
@endphp
<tr>
    <td><a href="/tools/{{ $one->tool->id }}">{{ $one->tool->name }}</a> <span
            class="tag">{{ $one->tool->number }}</span>
        @if ($one->tool->retired)
            <span class="quiet small">no longer used</span>
        @endif
    </td>
    <td @class(['late-text' => $one->isLate($today)])>{{ $said->where($one) }}</td>
    <td>
        @if ($next)
            {{ $w->day($next->from_on) }}, {{ $next->label }}
        @endif
        @if ($one->clashes() !== [])
            <span class="late-text">booked twice</span>
        @endif
    </td>
    <td @class(['late-text' => $until && $until < (string) $today])>
        {{ $until ? $w->day($until) : 'needs none' }}</td>
</tr>
