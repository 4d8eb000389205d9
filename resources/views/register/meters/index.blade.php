<div class="filters">
    <h1><span>Meters <a class="also" href="/assets">assets</a> @right('take-readings')
                <a class="also" href="/meters/round">read many</a>
                @endright @right('write-register')
                <a class="also" href="/import/readings">from a file</a>
            @endright <x-also name="files" export="/meters.{format}" /></span>
        <small>{{ $meters->count() }}</small>
    </h1>
    <p class="hides">Read longest ago first.</p>
</div>
<div class="rows">
    @forelse ($meters as $meter)
        <a class="row-line bare-line" href="/meters/{{ $meter->id }}"
            data-record="/meters/{{ $meter->id }}" hx-target="#sheet"
            @if ($current === $meter->id) aria-current="true" @endif><span><span
                    class="n"><b>{{ $meter->name }}</b><span
                        class="tag">{{ $meter->asset->tag }}</span></span><span
                    class="w">{{ $meter->text($meter->last_shown) }} ·
                    {{ $meter->last_on ? 'read ' . $w->relative($meter->last_on) : 'never read' }} ·
                    <span
                        @class(['late-text' => $meter->beyond !== null])>{{ $meter->standingText() }}</span></span></span></a>
    @empty<div class="secs empty">
            <p>There is no meter yet. Open an asset and put a counter on it.</p>
        </div>
    @endforelse
</div>
