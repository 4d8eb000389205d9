<!doctype html>
<html lang="en" data-scheme="auto">

<head>@include('frame.meta')</head>

<body>
    <main class="door">
        <div class="panel">
            <svg width="46" height="46" viewBox="0 0 100 100" aria-hidden="true">
                <path d="M14,66 A36,36 0 0 1 86,66" fill="none" stroke="currentColor"
                    stroke-width="7" />
                <line x1="4" y1="66" x2="96" y2="66"
                    stroke="currentColor" stroke-width="7" />
                <path d="M50,66 L50,34 L72,66 Z" fill="#B86B12" />
            </svg>
            @yield('panel')
        </div>
    </main>
</body>

</html>
