@if ($order->former)
    <div class="note">Taken over from the system before, where it was <span
            class="tag">{{ $order->former }}</span>.</div>
@endif
@if ($order->state->isLocked())
    <div class="note">This order is {{ $order->state->value }} and
        @php
            $stateWords = $order->state->value === 'cancelled' ? " “{$order->reason}”" : '';
            $restWords = $order->rest ? ' It was stopped short.' : '';
            $reviewWords = $order->review ? " Review: “{$order->review}”" : '';
        @endphp
        locked.{{ $restWords }}{{ $stateWords }}{{ $reviewWords }}
    </div>
@endif
@if ($order->rest)
    <div class="note">What was left of it is in <a
            href="/orders/{{ $order->rest_id }}">{{ $order->rest->label() }}</a>,
        {{ $order->rest->state->value }}.</div>
@endif
@if ($order->state->value === 'on hold')
    @php
        $held =
            $order->hold_reason . ($order->reason ? ': ' . rtrim($order->reason, ' .') : '') . '.';
    @endphp
    <div class="note">On hold,
        {{ $held }}
        @if ($order->look_again_on)
            Looked at again {{ $w->day($order->look_again_on) }},
            {{ $w->relative($order->look_again_on) }}.
        @endif
    </div>
@endif
@if ($order->grown && $order->state->isApproved())
    <div class="note">The plan grew by its {{ $order->grown->value }} since it was approved: it is
        approved again before it is started.
        @can('move', [$order, 'approve'])
            <form class="inline" method="post" action="{{ $by }}/approve">@csrf<x-decided
                    :of="$order" /><button class="btn slim">Approve it again</button></form>
        @endcan
    </div>
@endif
@if ($order->handed_back_at)
    <div class="note">{{ $order->handed_back_who }} took the machine back,
        {{ $w->instant($order->handed_back_at) }}.</div>
@elseif ($wantsBack)
    <div class="note">Operations have not taken the machine back yet.
        @can('handBack', $order)
            <form class="inline" method="post" action="{{ $by }}/hand-back">@csrf<x-decided
                    :of="$order" /><button class="btn slim">It runs: take it back</button></form>
        @endcan
    </div>
@endif
@if ($behind)
    <div class="note">A newer revision of {{ $behind }} is in force; this order
        keeps the one it was
        made from. @if ($mayAssign)
            <form class="inline-form" method="post" action="{{ $by }}/revision">
                @csrf<button class="btn slim">Move it up to the revision in force</button>
            </form> <span class="quiet small">Steps that stay the same keep what was ticked
                and answered.</span>
        @endif
    </div>
@endif
@if ($order->type->isEmergency())
    <div class="note">
        @if ($order->confirmed_at)
            {{ $order->confirmed_who }} was told of this emergency,
            {{ $w->instant($order->confirmed_at) }}.
        @else
            Approved by being raised, by {{ $order->raised_who ?? 'Sundial' }}. No supervisor has
            confirmed yet that they were told.
            @can('confirm', $order)
                <form class="inline" method="post" action="{{ $by }}/confirm">@csrf<button
                        class="btn slim">I was told</button></form>
            @endcan
        @endif
    </div>
@endif
@if ($underWarranty->isNotEmpty() && $claims->isEmpty() && !$order->state->isLocked())
    <div class="note">{{ $underWarranty->pluck('tag')->join(', ') }}
        {{ $underWarranty->count() === 1 ? 'is' : 'are' }} under <a href="#warranty"
            hx-boost="false">warranty</a>: ask before you pay.</div>
@endif
@if ($shutdown)
    @php
        $beforeWords = $shutdown->before > 0 ? $w->count((int) $shutdown->before, 'order') : null;
    @endphp
    <div class="note">It is worked in the shutdown <a
            href="/shutdowns/{{ $shutdown->id }}">{{ $shutdown->title }}</a> <span
            class="tag">SD-{{ $shutdown->number }}</span>, turn
        {{ $shutdown->turn }}.
        @if ($beforeWords && $order->state->isOpen())
            {{ $beforeWords }} of an earlier turn still open.
        @endif
    </div>
@endif
@foreach ($mends as $one)
    @php
        $helped = $frame->address('/stops/helped', [
            'reason' => $one->reason,
            'tag' => $one->tag,
            'on' => $order->finished_at ? $w->local($order->finished_at)->format('Y-m-d') : null,
        ]);
    @endphp
    <div class="note">It mends a stop: <a href="/stops/{{ $one->id }}">{{ $one->asset }},
            {{ $w->instant($one->from_at) }}, {{ $one->reason }}</a>.
        @if ($one->kind && !$order->state->isOpen())
            <a href="{{ $helped }}">Did it help?</a>
        @endif
    </div>
@endforeach
