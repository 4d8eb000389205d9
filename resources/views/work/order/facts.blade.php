<section class="part" id="facts">
    <h3>About this order</h3>
    <dl class="facts">
        <div>
            <dt>method</dt>
            <dd>
                @if ($order->revision)
                    @php
                        $methodWords = $order->revision->method->name;
                    @endphp
                    <a href="/methods/{{ $order->revision->method_id }}">{{ $methodWords }}</a>,
                    revision {{ $order->revision->number }}@else—
                @endif
            </dd>
        </div>
        <div>
            <dt>planned</dt>
            <dd>{{ $w->day($order->planned_on) }}</dd>
        </div>
        <div>
            <dt>started</dt>
            <dd>{{ $w->instant($order->started_at) }}</dd>
        </div>
        <div>
            <dt>finished</dt>
            <dd>{{ $w->instant($order->finished_at) }}</dd>
        </div>
        <div>
            <dt>closed</dt>
            <dd>{{ $w->instant($order->closed_at) }}</dd>
        </div>
        @if ($stood !== [])
            @php
                $each = array_map(
                    fn(string $where, int $minutes) => "{$where} {$w->lasting($minutes)}",
                    array_keys($stood),
                    $stood,
                );
            @endphp
            <div class="wide">
                <dt>it stood</dt>
                <dd>{{ implode(' · ', $each) }}</dd>
            </div>
        @endif
        @if ($order->batch_id)
            <div>
                <dt>made by</dt>
                <dd>
                    @can('release')
                        <a href="/release/{{ $order->batch_id }}">a release</a>
                    @else
                        a release
                    @endcan
                </dd>
            </div>
        @endif
    </dl>
</section>
