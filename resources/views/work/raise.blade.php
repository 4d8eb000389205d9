<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a></div>
        <h2>Raise an order</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/orders">@csrf <x-once />
            @include('work.raise-fields')
            <div class="foot-buttons"><button class="btn strong">Raise the order</button><a
                    class="btn" href="/orders">Leave it</a></div>
        </form>
    </div>
</div>
