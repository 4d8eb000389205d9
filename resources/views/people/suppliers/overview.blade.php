<div class="overview"><x-said />
    <h2>Suppliers and contractors</h2>
    <p class="lead">Who sells to the plant and who works for it: whom to call, what they serve, and
        which assets came
        from them. {{ $any ? 'Choose one on the left.' : '' }}</p>
    @right('write-register')
        <p><a class="btn strong" href="/suppliers/new">Add a supplier</a></p>
    @endright
</div>
