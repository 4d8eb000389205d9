@php
    $order = $line->order;
    $hours = "{$w->minutes($line->booked)} of {$w->minutes($order->planned_minutes)}";
    $first = $line->review->findings[0] ?? null;
@endphp
<li tabindex="0" data-href="/orders/{{ $order->id }}"
    aria-label="{{ $order->label() }} {{ $order->title }}">
    <span class="state">{!! $frame->post($order->state->value, true) !!}</span>
    <div>
        <b><a href="/orders/{{ $order->id }}">{{ $order->title }}</a></b> <span
            class="tag">{{ $order->label() }}</span>
        <div class="small quiet">{{ $order->worksite()->name }} · {{ $line->who ?: 'nobody' }} ·
            {{ $hours }} · done {{ $w->relative($order->finished_at) }}</div>
        @if ($line->review->isClean())
            <div class="small">as planned</div>
        @else
            <ul class="findings">
                @foreach ($line->review->findings as $finding)
                    <li @class(['due' => $finding->blocks()])>{{ $finding->value }}</li>
                @endforeach
            </ul>
        @endif
        @if ($order->finding)
            <p class="small pre">{{ $order->finding }}</p>
        @endif
    </div>
    <div class="decide">
        @if ($line->review->canBeClosed())
            <form method="post" action="/orders/{{ $order->id }}/review/close">@csrf <x-decided
                    :of="$order" /><button class="btn slim" data-close
                    aria-label="Close {{ $order->label() }}">Close</button></form>
        @else
            <a class="btn slim" data-close
                href="/orders/{{ $order->id }}#{{ $first?->name === 'NoFailureRecord' ? 'failure' : 'hours' }}">Complete
                it</a>
        @endif
        <details>
            <summary class="btn slim" data-back>Send back</summary>
            <form method="post" action="/orders/{{ $order->id }}/review/back">@csrf <x-decided
                    :of="$order" /><label class="small">What is missing? <input name="note"
                        maxlength="500" required></label>
                <button class="btn slim">Send {{ $order->label() }} back</button>
            </form>
        </details>
    </div>
</li>
