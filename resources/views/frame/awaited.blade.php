@if ($awaited->parts !== [])
    <div data-awaited hx-get="{{ request()->fullUrl() }}" hx-headers="{{ $awaited->header() }}"
        hx-trigger="load" hx-target="this" hx-swap="outerHTML" hx-push-url="false" hidden></div>
    <noscript>
        <p class="quiet small"><a href="{{ request()->fullUrlWithQuery(['whole' => 1]) }}">Load the
                whole page</a></p>
    </noscript>
@endif
