<div class="filters">
    <h1><span>Rounds <a class="also" href="/schedules">schedules</a> <a class="also"
                href="/methods">methods</a></span>
        <small>{{ $rounds->count() }}</small>
    </h1>
</div>
<div class="rows">
    @forelse ($rounds as $round)
        <a class="row-line" href="/rounds/{{ $round->id }}"
            data-record="/rounds/{{ $round->id }}" hx-target="#sheet"
            @if ($current === $round->id) aria-current="true" @endif><svg class="dial"
                width="26" height="26" viewBox="0 0 100 100" aria-hidden="true">
                <path class="walk" d="M14 70 Q30 30 50 56 T88 34" fill="none"
                    stroke-width="5" />
                <circle cx="14" cy="70" r="9" />
                <circle cx="88" cy="34" r="9" />
                @php
                    $schedulesSaid = $round->schedules->isEmpty()
                        ? ' · no schedule'
                        : ' · next ' . $w->day($round->schedules->first()->standing->next_due_on);
                @endphp
            </svg><span><span class="n"><b>{{ $round->name }}</b></span><span
                    class="w">{{ $w->count($round->stations_count, 'asset') }}{{ $schedulesSaid }}</span></span></a>
    @empty<div class="secs empty">
            <p>There is no round yet. A round is an ordered list of assets that one person walks:
                one order for all of
                them.</p>
        </div>
    @endforelse
</div>
