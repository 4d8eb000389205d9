<div class="filters">
    <h1><span>Tree <a class="also" href="/assets">assets</a></span></h1>
    <form method="get" action="/places" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, input delay:300ms from:find input" hx-sync="this:replace"><input
            type="search" name="q" value="{{ $q }}" placeholder="Tag or name"
            aria-label="Search the tree"><noscript><button
                class="btn slim">Filter</button></noscript></form>
    @if ($found !== null)
        <p class="hides">
            @php
                $pathsWords =
                    $found['paths'] === []
                        ? 'Nothing is called that.'
                        : $w->count(count($found['paths']), 'place or asset', 'places and assets') .
                            ($found['more'] ? ' of more' : '') .
                            ', each with the way to it.';
            @endphp
            {{ $pathsWords }}
            <a href="/places" hx-target="#index" hx-push-url="true">Whole tree</a>
        </p>
    @endif
</div>
<div class="rows">
    @if ($nodes === [])
        <div class="secs empty">
            <p>There is no location yet.</p>
            @right('write-register')
                <a class="btn strong" href="/places/new">Add the first location</a>
            @endright
        </div>
    @else
        <ul class="tree" role="tree" id="tree" aria-label="Places and assets"
            aria-describedby="tree-keys" @right('write-register') data-movable
            @endright>@include('register.places.level', ['depth' => 1])</ul>
        <p class="small quiet tree-keys" id="tree-keys">Arrow keys open and
            close.@right('write-register')
                <kbd>m</kbd> picks up and puts down; or drag.
            @endright
        </p>
        @right('write-register')
            <form method="post" action="/tree/move" id="tree-move" hidden>@csrf<input type="hidden"
                    name="what"><input type="hidden" name="into"></form>
        @endright
    @endif
</div>
