@props(['links' => [], 'export' => null, 'name' => 'more'])
<details class="menu also-menu">
    <summary class="also">{{ $name }} <span aria-hidden="true">▾</span></summary>
    <div>
        @foreach ($links as $href => $label)
            <a href="{{ $href }}">{{ $label }}</a>
        @endforeach
        @if ($export)
            @foreach (['csv' => 'This list as CSV', 'json' => 'This list as JSON'] as $format => $label)
                <a href="{{ str_replace('{format}', $format, $export) }}"
                    hx-boost="false">{{ $label }}</a>
            @endforeach
        @endif
    </div>
</details>
