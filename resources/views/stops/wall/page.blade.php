<!doctype html>
<html lang="en" data-scheme="auto">

<head>@include('frame.meta', ['title' => 'Lines of ' . $site->name])</head>

<body class="alone">
    <main class="wall">
        <h1>{{ $site->name }} <span class="quiet">{{ $shift ? "{$shift} shift" : '' }}</span> <a
                class="quiet" href="/stops">back to Stops</a></h1>
        <div hx-get="/wall/lines" hx-trigger="every 5s" hx-swap="innerHTML">
            @include('stops.wall.lines')
        </div>
    </main>
</body>

</html>
