<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a></div>
        <h2>Emergency</h2>
        <div class="meta">Two lines. The order is approved by being raised, the stop opens, and the
            clock runs.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/emergency">@csrf
            <x-field name="asset" label="Which asset" :value="$asset?->tag" required autocomplete="off"
                :autofocus="$asset === null" hint="Its tag, or the code of its label." />
            <x-field name="broke" label="What happened" required maxlength="160"
                :autofocus="$asset !== null" />
            <button class="btn strong">Raise the emergency</button>
        </form>
    </div>
</div>
