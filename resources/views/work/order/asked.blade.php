@if (
    $order->about ||
        $order->from_order_id ||
        $requests->isNotEmpty() ||
        $found->isNotEmpty() ||
        $raisedHere->isNotEmpty())
    <section class="part" id="asked">
        <h3>What was asked for</h3>
        @if ($order->about)
            <p class="pre">{{ $order->about }}</p>
        @endif
        @foreach ($requests as $one)
            @php
                $too = $one->voices_count > 0 ? ", and {$one->voices_count} more saw it" : '';
            @endphp
            <p class="small"><a href="/requests/{{ $one->id }}">{{ $one->label() }}
                    {{ $one->title() }}</a>, reported by {{ $one->reporter }}
                {{ $w->relative($one->received_at) }}{{ $too }}.
                @if ($one->mended)
                    {{ $one->reporter }} says that it is
                    {{ $one->mended === 'yes' ? 'mended' : 'not mended yet' }}.
                @endif
            </p>
        @endforeach
        @if ($order->from_order_id)
            <p class="small">Found during <a
                    href="/orders/{{ $order->from_order_id }}">{{ $order->fromOrder->label() }}
                    {{ $order->fromOrder->title }}</a>{{ $order->from_step ? ", at step {$order->from_step}" : '' }}.
            </p>
        @endif
        @foreach ($raisedHere as $one)
            <p class="small">Found here: <a href="/orders/{{ $one->id }}">{{ $one->label() }}
                    {{ $one->title }}</a>, {{ $one->state->value }}.</p>
        @endforeach
        @foreach ($found as $one)
            <p class="small">Found here: <a
                    href="/requests/{{ $one->id }}">{{ $one->label() }}
                    {{ $one->title() }}</a>, {{ $one->state->value }}.</p>
        @endforeach
        @if ($photos->isNotEmpty())
            <ul class="photos">
                @foreach ($photos as $photo)
                    <li><a href="/documents/{{ $photo->id }}/photo" class="frame"><img
                                src="/documents/{{ $photo->id }}?size=small"
                                alt="{{ $photo->name }}" loading="lazy"
                                width="{{ $photo->file->width }}"
                                height="{{ $photo->file->height }}">{!! $photo->marks
                                    ? $frame->marks($photo->marks, $photo->file->width, $photo->file->height)
                                    : '' !!}</a>
                    </li>
                @endforeach
            </ul>
        @endif
    </section>
@endif
