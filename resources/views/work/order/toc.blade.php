<nav class="toc" aria-label="Sections"><a href="#cost" hx-boost="false">Cost</a><a href="#steps"
        hx-boost="false">Steps
        <i>{{ $order->steps->count() ?: '' }}</i></a><a href="#people" hx-boost="false">People
        <i>{{ $order->labour->count() ?: '' }}</i></a>
    @if ($tools !== [])
        <a href="#tools" hx-boost="false">Special tools <i>{{ count($tools) }}</i></a>
    @endif
    <a href="#parts" hx-boost="false">Parts
        <i>{{ $order->parts->count() ?: '' }}</i></a><a href="#hours" hx-boost="false">Hours
        <i>{{ $booked->count() ?: '' }}</i></a>
    @if ($isolations->isNotEmpty())
        <a href="#isolation" hx-boost="false">Isolation</a>
    @endif
    @if ($asksFailure || $order->failure)
        <a href="#failure" hx-boost="false">What failed</a>
    @endif
    @if ($documents->isNotEmpty())
        <a href="#documents" hx-boost="false">Photos <i>{{ $documents->count() }}</i></a>
    @endif
    @if ($along)
        <a href="#along" hx-boost="false">Take along</a>
        @endif @if ($may('finish'))
            <a href="#finish" hx-boost="false">Finish</a>
            @endif @if ($may('close'))
                <a href="#close" hx-boost="false">Review</a>
            @endif
            <a href="#facts" hx-boost="false">About</a><a href="#log" hx-boost="false">Log</a>
</nav>
