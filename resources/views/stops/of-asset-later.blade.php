<h3>Reliability <span class="aside"><a href="/stops/reliability?by=asset">beside others</a></span>
</h3>
<div hx-get="/assets/{{ $assetId }}/reliability" hx-trigger="load" hx-target="this"
    hx-push-url="false">
    <p class="quiet small"><a href="/assets/{{ $assetId }}/reliability">How reliable it was in
            twelve
            months</a></p>
</div>
