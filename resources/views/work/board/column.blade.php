<section class="board-column" aria-label="{{ $column['name'] }}">
    <h3>{{ $column['name'] }} <span class="quiet">{{ $column['cards']->count() }}</span></h3>
    <ul data-set="{{ $column['set'] }}">
        @foreach ($column['cards'] as $order)
            @php
                $late = $order->daysLate($today);
                $due = match (true) {
                    $order->finished_at !== null => 'done ' . $w->instant($order->finished_at),
                    $order->due_on === null => '',
                    default => 'due ' . $w->day($order->due_on),
                };
                $hands = $order->assignee?->name ?? ($order->team?->name ?? 'nobody yet');
            @endphp
            <li data-order="{{ $order->id }}"><a class="plain" href="/orders/{{ $order->id }}">
                    <b>{{ $order->title }}</b>
                    <span class="tag">{{ $order->label() }}</span>
                    <span class="w">{!! $frame->post($order->state->value, true) !!}
                        {{ $order->worksite()->tag }} · <span
                            @class(['late-text' => $late > 0])>{{ $late > 0 ? "{$late} d late" : $due }}</span></span>
                    @if ($by === 'state')
                        <span class="quiet small">{{ $hands }}</span>
                    @endif
                </a></li>
        @endforeach
    </ul>
</section>
