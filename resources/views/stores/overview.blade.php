<div class="overview"><x-said />
    <h2>Stores</h2>
    @if (!$kept)
        <p class="lead">Every part of the plant, by its number: what it is, what one costs, and
            which
            assets it fits. No store is kept at this site yet; an administrator opens one under
            Setup, Stores, and what lies in it is loaded from a file.</p>
        @right('write-parts')
            <p><a class="btn strong" href="/parts/new">Add a part</a> <a class="btn"
                    href="/import/catalogue">Load parts from a file</a></p>
        @endright
    @else
        @include('frame.rest')
    @endif
</div>
