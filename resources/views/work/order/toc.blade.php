<nav class="toc" aria-label="Sections"><a href="#steps" hx-boost="false">Steps
        <i>{{ $order->steps->count() ?: '' }}</i></a><a href="#hours" hx-boost="false">Hours
        <i>{{ $booked->count() ?: '' }}</i></a>
    @if ($along)
        <a href="#along" hx-boost="false">Take along</a>
        @endif @if ($may('finish'))
            <a href="#finish" hx-boost="false">Finish</a>
            @endif @if ($may('close'))
                <a href="#close" hx-boost="false">Review</a>
            @endif
            <a href="#facts" hx-boost="false">About</a><a href="#log" hx-boost="false">Log</a>
</nav>
