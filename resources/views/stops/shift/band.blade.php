@php
    $at = "/shifts/{$record->id}";
    ['begins' => $begins, 'ends' => $ends, 'all' => $all] = $hours;
    $half = max(30, intdiv($ends - $begins, 2));
    $zoom = fn(int $from) => "{$at}?from=" .
        max(0, $from) .
        '&to=' .
        (max(0, $from) + $half) .
        '#band';
@endphp
<section class="part" id="band">
    @if ($band['now'])
        {{-- Apart, so that the links of the band do not do as it does. --}}
        <span hx-get="{{ $at }}/band{{ $asked }}" hx-trigger="every 10s"
            hx-swap="outerHTML" hx-target="#band" hx-push-url="false"></span>
    @endif
    <h3>The {{ $scale }}
        <span class="aside quiet">
            @foreach ($scales as $key)
                <a href="{{ $at }}?band={{ $key }}#band"
                    @if ($scale === $key) aria-current="true" @endif>{{ $key }}</a>
            @endforeach
            @if ($scale === 'shift')
                · <a href="{{ $zoom($begins) }}" aria-label="Nearer, at the beginning">nearer</a>
                @if ($begins > 0)
                    <a href="{{ $zoom($begins - $half) }}">earlier</a>
                @endif
                @if ($ends < $all)
                    <a href="{{ $zoom($ends) }}">later</a>
                @endif
            @endif
        </span>
    </h3>
    <div class="scroll">
        <svg class="band" viewBox="0 0 720 176" width="720" height="176" role="group"
            aria-label="What ran and what stood, {{ $line->asset->name }}">
            <text class="quiet" x="0" y="{{ $band['ideal'] + 4 }}">ideal</text>
            <path class="ideal"
                d="M{{ $band['left'] }} {{ $band['ideal'] }}H{{ $band['ends'] }}" />
            @include('stops.shift.blocks')
            <path class="ground"
                d="M{{ $band['left'] }} {{ $band['ground'] }}H{{ $band['ends'] }}" />
            @foreach ($band['ticks'] as [$x, $words])
                <text class="tick" x="{{ $x }}"
                    y="{{ $band['ground'] + 15 }}">{{ $words }}</text>
            @endforeach
            @foreach ($band['runs'] as $run)
                <path class="product"
                    d="M{{ $run['from'] + 1 }} {{ $band['ground'] + 24 }}H{{ $run['to'] - 1 }}" />
                @if ($run['to'] - $run['from'] > 60)
                    <text x="{{ $run['from'] + 2 }}"
                        y="{{ $band['ground'] + 40 }}">{{ $run['says'] }}</text>
                @endif
            @endforeach
            @if ($band['now'])
                <path class="now" d="M{{ $band['now'] }} 14V{{ $band['ground'] + 20 }}" />
                <text x="{{ $band['now'] + 4 }}" y="22">now</text>
            @endif
        </svg>
    </div>
    <details class="again">
        <summary>The same as a table</summary>
        <table>
            <tbody>
                @foreach ($band['blocks'] as $block)
                    <tr>
                        <td>
                            @if ($block['href'])
                                <a href="{{ $block['href'] }}">{{ $block['words'] }}</a>
                            @else
                                {{ $block['words'] }}
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</section>
