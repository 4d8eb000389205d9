<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} · Sundial</title>
<meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"allowScriptTags":false,"historyCacheSize":0,"refreshOnHistoryMiss":false,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"401","swap":false},{"code":"[45]..","swap":true,"error":true,"target":"#said"}]}'>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['resources/scss/app.scss', 'resources/js/app.js'])
