{{-- All of them in one: a view of its own for each of some hundred blocks is what a day of them costs most. --}}
@foreach ($band['blocks'] as $block)
    <a @if ($block['href']) href="{{ $block['href'] }}" @endif>
        <title>{{ $block['words'] }}</title>
        <rect class="b {{ $block['look'] }}" x="{{ $block['x'] }}" y="{{ $block['y'] }}"
            width="{{ $block['width'] }}" height="{{ $block['height'] }}" />
        @if ($block['rejected'] > 0.4)
            <rect class="rejected" x="{{ $block['x'] + 2 }}" y="{{ $band['ground'] - 4 }}"
                width="{{ $block['rejected'] }}" height="3" />
        @endif
        @if ($block['look'] === 'rest' && $block['width'] > 26)
            <text class="quiet" x="{{ $block['middle'] }}" y="{{ $band['ground'] - 8 }}"
                text-anchor="middle">break</text>
        @elseif ($block['label'])
            <text @class(['near-text' => $block['label'] === '?']) x="{{ $block['middle'] }}"
                y="{{ $band['ideal'] - 6 }}" text-anchor="middle">{{ $block['label'] }}</text>
        @endif
    </a>
@endforeach
