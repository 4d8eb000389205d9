<div class="filters">
    <h1><span>Stops</span> <small>{{ $w->count($lines->count(), 'line') }}</small></h1>
    @if ($seesPlant)
        <p class="ways"><a href="/stops">start</a> <a href="/stops/oee">effectiveness</a> <a
                href="/stops/reliability">reliability</a> <a href="/handovers">handover</a>
            <a href="/wall">wall</a>
        </p>
    @endif
</div>
<div class="rows">
    @forelse ($lines as $line)
        <a class="row-line" href="/lines/{{ $line->id }}" hx-target="#sheet"
            @if ($current === $line->id) aria-current="true" @endif>
            @include('stops.line.glyph')
            <span><span class="n"><b>{{ $line->name }}</b></span><span
                    @class(['w', 'late' => $line->downSince && !$line->isPlanned])>{{ $says($line) }}</span></span></a>
    @empty
        <div class="secs empty">
            <p>No line yet. A line is an asset that makes things as a whole, with shifts of its own.
            </p>
            @right('write-register')
                <p><a class="btn" href="/lines/new">Make an asset a line</a></p>
            @endright
        </div>
    @endforelse
    @if ($without->isNotEmpty())
        <h2 class="rows-head">Without a reason of the list <span
                class="quiet">{{ $without->count() }}</span>
        </h2>
        @foreach ($without as $one)
            <a class="row-line" href="/stops/{{ $one->id }}" hx-target="#sheet">
                <span class="glyph-why" aria-hidden="true">?</span>
                <span><span class="n"><b>{{ $one->asset }}</b></span><span
                        class="w near">{{ $w->instant($one->from_at) }},
                        {{ $w->lasting(intdiv((int) $one->seconds, 60)) }} ·
                        {{ $one->reason }}</span></span></a>
        @endforeach
    @endif
</div>
