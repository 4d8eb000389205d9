<div class="overview"><x-said />
    <h2>Places and what stands there</h2>
    <p class="lead">Locations of any depth, and assets within assets. The number beside a name
        counts the open orders
        anywhere inside it. Choose on the left.</p>
    @right('write-register')
        <p class="buttons"><a class="btn strong" href="/places/new">Add a location</a><a class="btn"
                href="/assets/new">Add an
                asset</a></p>
    @endright
</div>
