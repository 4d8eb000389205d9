@if ($change)
    <div class="note">From {{ $w->day($change['from']) }} on: {{ $change['says'] }}
        <span class="quiet small">Kept by {{ $change['who'] }}.</span>
        @can('update', $schedule)
            <form method="post" action="/schedules/{{ $schedule->id }}/change">@csrf
                @method('delete')<button class="link">Take the change back</button></form>
        @endcan
    </div>
@endif
