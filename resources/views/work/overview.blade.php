<div class="head bare">
    <div>
        <h2>Work <span class="quiet">of {{ $site->name }}</span></h2>
        <div class="meta"><span><b>{{ $open }}</b> open</span>
            @if ($week['late'] > 0)
                <span><b>{{ $week['late'] }}</b> <a class="plain due"
                        href="/orders?late=1">late</a></span>
            @endif
            <span>this week <b>{{ $week['done'] }}</b> of {{ $week['due'] }} planned done,
                <b>{{ $week['unplanned'] }}</b> unplanned</span>
            @if ($answer)
                <span>first answer to a request <b>{{ $answer }}</b></span>
            @endif
        </div>
    </div>
    <div class="acts">
        @can('plan-orders')
            <a class="btn strong" href="/orders/new">Raise an order</a>
        @endcan
        @can('raise-emergencies')
            <a class="btn" href="/emergency">It broke</a>
        @endcan
    </div>
</div>
<div class="body whole work-start">
    <div class="secs"><x-said />
        @include('work.start.lanes')
        @include('frame.rest')
    </div>
</div>
