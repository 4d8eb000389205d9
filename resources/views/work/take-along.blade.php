@if ($offers === [])
    <p class="quiet small">Nothing that is due near can go along: it would give away more than half
        of its interval, or
        is held up.</p>
@else<form method="post" action="/orders/{{ $order->id }}/along" hx-target="#page">@csrf
        @include('work.along')<p><button class="btn">Take the chosen ones into
                {{ $order->label() }}</button>
        </p>
    </form>
@endif
