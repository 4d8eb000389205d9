<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} · Sundial</title>
<meta name="htmx-config" content="{{ $frame->htmx() }}">
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['resources/scss/app.scss', 'resources/js/app.js'])
