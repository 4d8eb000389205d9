<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/orders">‹ All work · </a>{{ $site->name }}
            @foreach ($crumbs as $crumb)
                @php
                    $kindWords = $crumb['kind'] === 'place' ? 'places' : 'assets';
                @endphp
                › <a href="/{{ $kindWords }}/{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
            @endforeach › <a
                href="/{{ $order->asset ? 'assets' : 'places' }}/{{ $where->id }}">{{ $where->name }}</a>
        </div>
        <h2>{{ $order->title }} <span class="tag">{{ $order->label() }}</span></h2>
        <div class="meta"><x-state :state="$order->state" :hold="$order->hold_reason"
                :stage="$order->stage" /><x-priority :priority="$order->priority" /><span>type
                <b>{{ $order->type->name }}</b></span>
            @if ($order->rows->count() > 1)
                <span>on <b>{{ $w->count($order->rows->count(), 'asset') }}</b></span>
            @endif
            <span>
                due
                @php
                    $dueOnWords =
                        $order->state->isOpen() && $order->due_on
                            ? ', ' . $w->relative($order->due_on)
                            : '';
                @endphp
                <b>{{ $w->day($order->due_on) }}</b>{{ $dueOnWords }}</span><span>who
                <b>{{ $order->assignee?->name ?? ($order->team?->name ?? 'nobody yet') }}</b></span>
        </div>
    </div>
    <div class="acts">
        @if ($may('approve') || $may('plan'))
            <form method="post" action="{{ $by }}/approve">@csrf<x-decided
                    :of="$order" /><button class="btn strong">Approve</button>
            </form>
        @endif
        @if ($may('start'))
            @if ($order->precautions->isNotEmpty())
                <a class="btn strong" href="#precautions" hx-boost="false">Confirm and
                start</a>@else<form method="post" action="{{ $by }}/start">
                    @csrf<x-decided :of="$order" /><button class="btn strong">Start the
                        work</button></form>
            @endif
        @endif
        @if ($may('resume'))
            <form method="post" action="{{ $by }}/resume">@csrf<x-decided
                    :of="$order" /><button class="btn strong">Go on with
                    it</button></form>
        @endif
        @if ($may('finish'))
            <a class="btn strong" href="#finish" hx-boost="false">Finish</a>
        @endif
        @if ($may('close'))
            <a class="btn strong" href="#close" hx-boost="false">Review and close</a>
        @endif
        @include('work.order.clock')
        <button type="button" class="btn" data-print>Print</button>
    </div>
</div>
