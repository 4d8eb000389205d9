<div class="head bare">
    <div>
        <div class="crumbs"><a href="/import">Files in and out</a> › <a
                href="/import/{{ $kind->key() }}">{{ $kind->title() }}</a></div>
        <h2>{{ $import->file_name }}</h2>
        <div class="meta"><span>loaded {{ $w->instant($import->loaded_at) }}</span>
            @if ($import->taken_back_at)
                <span>taken back {{ $w->instant($import->taken_back_at) }}</span>
            @endif
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach ($errors->all() as $message)
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @endforeach @if ($import->failure)
                <p class="said said-bad" role="alert">{{ $import->failure }}</p>
            @endif
            @if ($import->taken_back_at)
                <p class="verdict">The file was taken back: what it had made is gone, what it had
                    changed holds again
                    what it held.</p>
                <p><a class="btn" href="/import/{{ $kind->key() }}">Load another file</a></p>
            @else<p class="verdict">The file is loaded: <b>{{ $import->made }}</b> made,
                    <b>{{ $import->changed }}</b> changed. <a href="{{ $kind->href() }}">See
                        them</a>
                </p>
                <p><a class="btn" href="/import/{{ $kind->key() }}">Load another file</a></p>
                @if ($isLast)
                    <section class="part">
                        <h3>Take it back</h3>
                        <p class="form">Everything that the file made goes again, and what it
                            changed holds again what
                            it held, unless somebody changed it since. It is refused when something
                            that it made is in
                            use by now.</p>
                        <form method="post" action="/import/files/{{ $import->id }}">@csrf
                            @method('delete')<button class="btn">Take {{ $import->file_name }}
                                back</button></form>
                    </section>
                @else<p class="quiet">A file of this kind was loaded after it, so this one can
                        no longer be taken
                        back by itself.</p>
                @endif
            @endif
    </div>
</div>
