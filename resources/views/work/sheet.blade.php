@php
    $booked = $order->bookings->whereNull('strike');
    $ticked = $order->steps->whereNotNull('ticked_at')->count();
    $by = url("/orders/{$order->id}");
    $may = fn(string $move) => in_array($move, array_map(fn($m) => $m->value, $moves), true);
@endphp
@include('work.order.head')
<div class="body" data-draft="/drafts/on/order/{{ $order->id }}" data-kept="{{ $draft }}">
    <div class="secs"><x-said />
        <noscript>
            <p class="quiet small">JavaScript is off here: each button sends what stands beside it
                alone. Keep
                one thing before you go on to the next.</p>
        </noscript>
        @php
            $told = ['reason', 'hold_reason', 'step', 'stale', 'visits', 'review', 'lines'];
        @endphp
        @foreach ([...$told, 'method_id', 'line_id', 'approve', 'stage'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('work.order.notes')
        @include('work.order.ledger')
        @include('work.order.asked')
        @include('work.order.precautions')
        @includeWhen($tools !== [] || $mayBookTools, 'work.order.tools')
        @includeWhen($isolationFirst, 'work.isolation.order')
        @includeWhen($isOnSeveral || $links !== [], 'work.order.assets')
        <section class="part" id="steps">
            @php
                $tickedWords = $order->steps->isEmpty()
                    ? ''
                    : "{$ticked} of {$order->steps->count()} ticked";
            @endphp
            <h3>Steps <span class="aside quiet">{{ $tickedWords }}</span>
            </h3>
            @if ($order->steps->isEmpty())
                <p class="quiet small">No steps.</p>
            @else
                @include('work.steps')
                @if ($mayWork && $order->steps->whereNull('ticked_at')->where('answer.value', 'tick')->count() > 1)
                    <form method="post" action="{{ $by }}/steps">
                        @csrf
                        <button class="btn slim">Tick all that ask for nothing else</button>
                    </form>
                @endif
            @endif
            @include('work.order.plan-more')
        </section>
        @includeUnless($isOnSeveral || $links !== [], 'work.order.assets')
        @include('work.order.people')
        @include('work.order.parts')
        @include('work.order.services')
        @include('work.warranty.order')
        @include('work.order.hours')
        @includeWhen($asksFailure || $order->failure, 'work.order.failure')
        @include('work.order.documents')
        @include('work.order.found')
        @includeUnless($asksFailure || $order->failure, 'work.order.failure')
        @include('work.order.finish')
        @include('work.order.finished')
        @include('work.order.review')
        @include('work.order.along-offer')
        @include('work.order.covered')
        @include('work.order.facts')
        @include('fields.section')
        @includeUnless($isolationFirst, 'work.isolation.order')
        @include('work.order.moves')
        @include('work.order.again')
        <section class="part" id="log">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
    @include('work.order.toc')
</div>
