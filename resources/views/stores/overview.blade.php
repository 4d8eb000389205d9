<div class="overview"><x-said />
    <h2>Parts</h2>
    <p class="lead">Every part of the plant, by its number: what it is, what one costs, and which
        assets it fits. Orders plan their parts from here.
        {{ $any ? 'Choose one on the left.' : '' }}</p>
    @right('write-parts')
        <p><a class="btn strong" href="/parts/new">Add a part</a> <a class="btn"
                href="/import/catalogue">Load parts from a file</a></p>
    @endright
</div>
