<div class="overview">
    <x-said />
    <h2>Work</h2>
    <p class="lead">Orders come from schedules, by themselves when their lead has come. Choose one
        on the left, or a
        state:</p>
    <ul class="tally">
        @foreach ($lists->orderStates() as $state)
            @if (($counts[$state->value] ?? 0) > 0)
                @php
                    $stateWords = $state->value === 'done' ? ', waiting for review' : '';
                    $mostWords = $w->upTo($counts[$state->value], $most);
                @endphp
                <li><a href="/orders?state={{ urlencode($state->value) }}" hx-target="#index"
                        hx-push-url="true"><x-state :state="$state"
                            glyph /><b>{{ $mostWords }}</b><span>{{ $state->value }}{{ $stateWords }}</span></a>
                </li>
            @endif
        @endforeach
    </ul>
    @can('plan-orders')
        <p><a class="btn strong" href="/orders/new">Raise an order</a> <a class="btn"
                href="/requests">Requests</a></p>
    @endcan
    @can('release')
        <p><a href="/release">What would a release make today?</a></p>
    @endcan
</div>
