<!doctype html>
<html lang="en" data-scheme="auto">

<head>@include('frame.meta', ['title' => $state['line']])</head>

<body class="alone">
    <main class="tablet" x-data="tablet" data-state="{{ json_encode($state) }}"
        :data-stands="word">
        <h1>{{ $state['line'] }} <span class="tablet-word"
                x-text="word">{{ $state['down'] ? 'stands' : 'runs' }}</span>
            <span class="tablet-since" x-text="since"></span>
        </h1>
        <p class="tablet-why" x-text="why"></p>
        <p class="tablet-note" role="status" x-text="kept" x-show="isAway"></p>
        <p class="tablet-note bad" role="alert" x-text="said" x-show="said"></p>
        <p class="tablet-note bad" x-show="closed" x-cloak>This tablet was signed out. What was
            pressed is kept; let it
            sign in again.</p>
        <noscript>
            <p class="tablet-note bad">This page goes on without the network, and needs JavaScript
                for it.</p>
        </noscript>
        @include('stops.tablet.main')
        @include('stops.tablet.why')
        @include('stops.tablet.short')
        @include('stops.tablet.call')
    </main>
</body>

</html>
