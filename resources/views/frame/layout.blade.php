<!doctype html>
<html lang="en" data-scheme="{{ auth()->user()->scheme ?? 'auto' }}">

<head>
    @include('frame.meta')
</head>

<body hx-ext="morph" hx-boost="true" hx-target="#page" hx-swap="morph">
    <a class="skip" href="#page" hx-boost="false">Skip to the page</a>
    @include('frame.rail')
    <header class="top">
        @php($sites = app(App\Platform\Sites\CurrentSite::class)->all())
        @if ($sites->count() > 1)
            <details class="menu">
                <summary class="site">
                    {{ app(App\Platform\Sites\CurrentSite::class)->get()->name }} ▾</summary>
                <div>
                    <form method="post" action="/me/site" hx-boost="false">@csrf
                        @foreach ($sites as $site)
                            <button name="site"
                                value="{{ $site->id }}">{{ $site->name }}</button>
                        @endforeach
                    </form>
                </div>
            </details>
        @else
            <span class="site">{{ $sites->first()?->name ?? 'Sundial' }}</span>
        @endif
        <span class="spring"></span>
        @right('see-own-line')
            <form class="jump" method="get" action="/jump" role="search" hx-boost="false"><input
                    type="search" name="q" id="jump" placeholder="Ask or jump to …"
                    aria-label="Ask or jump" autocomplete="off" aria-controls="jump-hits" hx-get="/jump"
                    hx-trigger="input changed delay:120ms, focus" hx-target="#jump-hits"
                    hx-swap="innerHTML" hx-push-url="false" hx-sync="this:replace"><kbd
                    aria-hidden="true">/</kbd>
                <nav id="jump-hits" class="jump-list" aria-label="Jump list" hidden></nav>
            </form>
        @endright
        <span class="spring"></span>
        @if (App\Platform\Access\Rights::has(Sundial\Access\Right::WriteRegister) ||
                App\Platform\Access\Rights::has(Sundial\Access\Right::WritePlans))
            <details class="menu right">
                <summary class="btn">+ New</summary>
                <div>
                    @right('write-register')
                        <a href="/assets/new">Asset</a><a href="/places/new">Location</a><a
                            href="/import/register">Register
                            from a file</a>
                    @endright
                    @right('write-plans')
                        <a href="/methods/new">Method</a>
                    @endright
                </div>
            </details>
        @endif
    </header>
    <main id="page" tabindex="-1">@include('frame.page')</main>
    <div id="said" aria-live="assertive"></div>
    <dialog id="keys" aria-labelledby="keys-title">
        <h2 id="keys-title">Keys</h2>
        <dl>
            <div>
                <dt><kbd>/</kbd></dt>
                <dd>Ask or jump</dd>
            </div>
            <div>
                <dt><kbd>?</kbd></dt>
                <dd>These keys</dd>
            </div>
            <div>
                <dt><kbd>↑</kbd> <kbd>↓</kbd></dt>
                <dd>Move in a list; on the horizon <kbd>←</kbd> <kbd>→</kbd> move an order, Enter
                    keeps the day</dd>
            </div>@auth @foreach (app(App\Platform\Jump\Commands::class)->all() as $command)
                <div>
                    <dt>
                        @foreach (explode(' ', $command['keys']) as $key)
                            <kbd>{{ $key }}</kbd>
                        @endforeach
                    </dt>
                    <dd><a href="{{ $command['href'] }}"
                            data-keys="{{ $command['keys'] }}">{{ $command['label'] }}</a>
                    </dd>
                </div>
            @endforeach @endauth
        </dl>
        <form method="dialog"><button class="btn">Close</button></form>
    </dialog>
    <svg width="0" height="0" aria-hidden="true" focusable="false">
        <defs>
            <pattern id="hatch" width="5" height="5" patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)">
                <line x1="0" y1="0" x2="0" y2="5" class="hatch" />
            </pattern>
        </defs>
    </svg>
</body>

</html>
