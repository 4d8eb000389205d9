<div class="head">
    <div>
        <div class="crumbs"><a href="/stops">Stops</a> › <a
                href="/lines/{{ $line->id }}">{{ $line->asset->name }}</a></div>
        <h2>Settings <span class="tag">{{ $line->asset->tag }}</span></h2>
        <div class="meta">What makes {{ $line->asset->name }} stand, when it is worked, and what it
            makes.
        </div>
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @foreach (['version', 'form'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('stops.line.about')
        @include('stops.line.pattern')
        @include('stops.line.rates')
        @include('stops.line.tablets')
        <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
    </div>
    <nav class="toc" aria-label="Parts of this sheet">
        <a href="#about">The line</a>
        <a href="#shifts">Shifts</a>
        <a href="#rates">Products
            <span>{{ $line->rates->pluck('product_id')->unique()->count() ?: '' }}</span></a>
        <a href="#tablets">Tablets <span>{{ $tablets->count() ?: '' }}</span></a>
        <a href="#log">Log</a>
        <a href="/products">All products</a>
    </nav>
</div>
