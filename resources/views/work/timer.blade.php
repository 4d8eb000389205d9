<x-sheet title="My clock">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    @if ($timer === null)
        <p class="empty">Your clock does not run. Start it on the order on which you work.</p>
    @else
        @php
            $since = $w->local($timer->started_at);
        @endphp
        <p>It runs on <a href="/orders/{{ $timer->order_id }}">{{ $timer->order->label() }}
                {{ $timer->order->title }}</a>, {{ $timer->order->worksite()->name }}, since
            {{ $w->instant($timer->started_at) }}.</p>
        <form class="form" method="post" action="/timer/stop">@csrf
            <x-field name="stopped_at" label="When did you stop?" type="datetime-local"
                :value="$isForgotten
                    ? $since->format('Y-m-d\TH:i')
                    : $w->now()->format('Y-m-d\TH:i')" required :hint="$isForgotten
                    ? 'It runs since an earlier day: say when you really stopped.'
                    : null" />
            @error('minutes')
                <span class="error" role="alert">{{ $message }}</span>
            @enderror
            <button class="btn strong">Stop and book it</button>
        </form>
        <form class="form" method="post" action="/timer">@csrf @method('delete')
            <button class="btn">It ran by mistake: book nothing</button>
        </form>
    @endif
</x-sheet>
