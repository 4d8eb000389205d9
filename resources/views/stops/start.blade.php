<div class="overview stops-start"><x-said />
    <h2>Stops</h2>
    <p class="ways"><a href="/stops/list?days={{ $days }}">one by one</a> <a
            href="/stops/reliability">reliability</a>
        @right('administer-plant')
            <a href="/setup/stop-reasons">reasons</a>
        @endright
    </p>
    @error('why')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    @includeWhen($lines !== [], 'stops.start-lines')
    @include('stops.start-down')
    @include('frame.rest')
</div>
