<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a></div>
        <h2>Raise an order</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/orders">@csrf
            @if ($former)
                <p class="note">Planned as {{ $former->label() }} was: its steps, people, parts,
                    services, tools and precautions are taken over, nothing of what was done.</p>
                <input type="hidden" name="former" value="{{ $former->label() }}">
            @endif
            @include('work.raise-fields')
            <div id="waits" hx-get="/orders/new/waits" hx-trigger="change from:#f-asset"
                hx-include="#f-asset" hx-target="this" hx-swap="innerHTML" hx-push-url="false">
                @include('work.raise-waits')</div>
            <div class="foot-buttons"><button class="btn strong">Raise the order</button><a
                    class="btn" href="/orders">Leave it</a></div>
        </form>
    </div>
</div>
