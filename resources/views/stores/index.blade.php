@php
    $address = $frame->address('/parts', $filter);
    $files = $frame->can('write-parts') ? ['/import/catalogue' => 'Load parts from a file'] : [];
    $files += $frame->can('keep-stores')
        ? ['/import/stock' => 'Load stock from a file', '/parts/labels' => 'Labels for shelves']
        : [];
@endphp
<div class="filters">
    <h1><span>Parts <x-also name="files" :links="$files"
                export="{{ $address->at('/parts.{format}') }}" /></span>
        <small>{{ $w->upTo($found, $most) }}</small>
    </h1>
    <p class="ways"><a href="/purchases">what to buy</a> <a href="/counts">counts</a> <a
            href="/picks">picks</a> <a href="/stores/hold">how many</a> <a href="/tools">tools</a>
        @right('see-prices')
            <a href="/stores/figures">figures</a>
        @endright
    </p>
    <form method="get" action="/parts" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, input delay:300ms from:find input[type=search]" hx-sync="this:replace">
        <input type="search" name="q" value="{{ $filter['q'] ?? '' }}"
            placeholder="Number, name or note" aria-label="Search parts">
        @isset($filter['retired'])
            <input type="hidden" name="retired" value="1">
        @endisset
        <noscript><button class="btn slim">Filter</button></noscript>
    </form>
    @if ($retired > 0 && !isset($filter['retired']))
        <p class="hides">Not shown: {{ $w->count($retired, 'part') }} no longer used.
            <a href="{{ $address->with(['retired' => '1']) }}" hx-target="#index"
                hx-push-url="true">Show all</a>
        </p>
    @endif
</div>
<div class="rows">
    @forelse ($parts as $part)
        <a class="row-line" href="{{ $address->at("/parts/{$part->id}") }}"
            data-record="/parts/{{ $part->id }}" hx-target="#sheet"
            @if ($current === $part->id) aria-current="true" @endif>
            @php
                $line = $lines[$part->id];
            @endphp
            @include('stores.glyph')
            <span><span class="n"><b>{{ $part->name }}</b><span
                        class="tag">{{ $part->number }}</span></span><span
                    class="w {{ $line->tone }}">{{ $line->words }}</span></span></a>
    @empty
        <div class="secs empty">
            <p>{{ isset($filter['q']) ? 'No part matches.' : 'No part yet.' }}</p>
        </div>
    @endforelse
    @if ($more)
        <a class="more" href="{{ $address->with(['page' => $page + 1]) }}"
            hx-target="#index">Next
            60</a>
    @endif
    @if ($page > 1)
        <a class="more" href="{{ $address->with(['page' => $page - 1]) }}"
            hx-target="#index">Back
            to
            the 60 before</a>
    @endif
</div>
