<!doctype html>
<html lang="en" data-scheme="{{ auth()->user()->scheme ?? 'auto' }}">

<head>
    @include('frame.meta')
</head>

<body hx-ext="morph" hx-boost="true" hx-target="#page" hx-swap="morph">
    <a class="skip" href="#page" hx-boost="false">Skip to the page</a>
    @include('frame.rail')
    <header class="top">
        @if ($frame->sites()->count() > 1)
            <details class="menu">
                <summary class="site">
                    {{ $frame->site() }} ▾</summary>
                <div>
                    <form method="post" action="/me/site" hx-boost="false">@csrf
                        @foreach ($frame->sites() as $site)
                            <button name="site"
                                value="{{ $site->id }}">{{ $site->name }}</button>
                        @endforeach
                    </form>
                </div>
            </details>
        @else
            <span class="site">{{ $frame->site() }}</span>
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
        @if ($frame->offersNew() !== [])
            <details class="menu right">
                <summary class="btn">+ New</summary>
                <div>
                    @foreach ($frame->offersNew() as $offer)
                        <a href="{{ $offer->href }}">{{ $offer->label }}</a>
                    @endforeach
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
            </div>@auth @foreach ($frame->commands() as $command)
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
            <pattern id="pledged" width="4" height="4" patternUnits="userSpaceOnUse">
                <path d="M0 4L4 0" class="pledged" />
            </pattern>
            <pattern id="rows" width="6" height="6" patternUnits="userSpaceOnUse">
                <path d="M0 3H6" class="patterned" />
            </pattern>
            <pattern id="dots" width="5" height="5" patternUnits="userSpaceOnUse">
                <circle cx="2.5" cy="2.5" r="1" class="dotted" />
            </pattern>
        </defs>
    </svg>
</body>

</html>
