<!doctype html>
<html lang="en" data-scheme="auto">

<head>@include('frame.meta')</head>

<body class="floor" hx-boost="false">
    <header class="floor-head">
        <svg width="40" height="24" viewBox="0 0 100 60" aria-hidden="true">
            <path d="M14,52 A36,36 0 0 1 86,52" fill="none" stroke="currentColor"
                stroke-width="7" />
            <line x1="4" y1="52" x2="96" y2="52" stroke="currentColor"
                stroke-width="7" />
            <path d="M50,52 L50,20 L72,52 Z" fill="#B86B12" />
        </svg>
        <b>@yield('site')</b>
        @yield('corner')
    </header>
    <main>
        <x-said />
        @yield('floor')
    </main>
</body>

</html>
