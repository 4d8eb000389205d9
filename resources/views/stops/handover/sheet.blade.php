<div class="head">
    <div>
        <div class="crumbs"><a href="/stops">Stops</a> › <a href="/handovers">Shift handover</a></div>
        <h2>{{ $shift ? Str::ucfirst($shift['shift']) . ' shift' : 'Shift handover' }} <span
                class="quiet">{{ $shift ? $w->day($shift['day']) : '' }}</span></h2>
        <div class="meta">
            @if ($handover === null)
                What is to be told writes itself; it stands as it is when you sign.
            @else
                <span>given by <b>{{ $handover->given_who }}</b>,
                    {{ $w->instant($handover->given_at) }}</span>
                @if ($handover->taken_who)
                    <span>taken by {{ $handover->taken_who }},
                        {{ $w->instant($handover->taken_at) }}</span>
                @else
                    <span>nobody has taken it yet</span>
                @endif
            @endif
        </div>
    </div>
    <div class="acts">
        <button class="btn" type="button" data-print>Print</button>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['form', 'version'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($shift === null)
            <p class="quiet">No line of this site has a shift yet.</p>
        @else
            @foreach ($told as $part)
                @include('stops.handover.part')
            @endforeach
            @include('stops.handover.sign')
        @endif
        @includeWhen($last->isNotEmpty(), 'stops.handover.last')
    </div>
</div>
