<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>Labels</title>
    <style>
        @page {
            margin: 0;
        }

        body {
            margin: 0;
            font-family: 'DejaVu Sans', sans-serif;
        }

        .page {
            position: relative;
            width: 210mm;
            height: 296mm;
            page-break-after: always;
        }

        .page:last-child {
            page-break-after: auto;
        }

        .label {
            position: absolute;
            overflow: hidden;
        }

        .label img {
            position: absolute;
            left: 2mm;
        }

        .text {
            position: absolute;
            top: 22%;
        }

        .tag {
            font-family: 'DejaVu Sans Mono', monospace;
            font-weight: bold;
        }

        .code {
            font-family: 'DejaVu Sans Mono', monospace;
            color: #444;
        }
    </style>
</head>

<body>
    @foreach ($pages as $page)
        <div class="page">
            @foreach ($page->values() as $i => $label)
                @php
                    [$qr, $font] = [$height - 5, $height > 32 ? 9 : 7];
                    $heightWords = $top + intdiv($i, $columns) * $height;
                    $widthWords = $left + ($i % $columns) * $width;
                @endphp
                <div class="label"
                    style="left: {{ $widthWords }}mm; top: {{ $heightWords }}mm; width: {{ $width }}mm; height: {{ $height }}mm;">
                    <img src="{{ $label['image'] }}" alt=""
                        style="top: 2.5mm; width: {{ $qr }}mm; height: {{ $qr }}mm;">
                    <div class="text"
                        style="left: {{ $qr + 3 }}mm; width: {{ $width - $qr - 5 }}mm;">
                        <div class="tag" style="font-size: {{ $font + 3 }}pt;">
                            {{ $label['tag'] }}</div>
                        <div style="font-size: {{ $font }}pt;">{{ $label['name'] }}</div>
                        <div class="code" style="font-size: {{ $font - 1 }}pt;">
                            {{ $label['code'] }}</div>
                    </div>
                </div>
            @endforeach
        </div>
    @endforeach
</body>

</html>
