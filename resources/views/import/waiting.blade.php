<div class="head bare">
    <div>
        <div class="crumbs"><a href="/import">Files in and out</a></div>
        <h2>{{ $import->file_name }}</h2>
        <div class="meta"><span>is being worked off; you can leave this page and come back</span>
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs" hx-get="/import/files/{{ $import->id }}/progress" hx-trigger="load, every 1s"
        hx-target="#through" hx-swap="innerHTML">
        <div id="through">@include('import.progress', ['through' => $import->rowsThrough()])</div>
        <noscript>
            <p><a class="btn" href="/import/files/{{ $import->id }}">Look again</a></p>
        </noscript>
    </div>
</div>
