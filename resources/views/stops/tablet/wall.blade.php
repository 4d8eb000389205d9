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
        @include('stops.tablet.main')
        @include('stops.tablet.why')
        @include('stops.tablet.short')
        @include('stops.tablet.call')
        @include('stops.tablet.notes')
    </main>
</body>

</html>
