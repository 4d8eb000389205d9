<div class="filters">
    <h1><span>Requests
            @right('see-plant')
                <a class="also" href="/orders">orders</a>
            @endright
        </span>
        <small>{{ $count }}</small>
    </h1>
    <form method="get" action="/requests" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, change target:select, input delay:300ms from:find input[type=search]"
        hx-sync="this:replace">
        <input type="search" name="q" value="{{ $q }}"
            placeholder="Number, words or asset" aria-label="Search requests"><select name="state"
            aria-label="State">
            <option value="waiting">waiting</option>
            @foreach (['accepted', 'merged', 'declined', 'withdrawn', 'all'] as $one)
                <option value="{{ $one }}" @selected($state === $one)>
                    {{ $one === 'all' ? 'all states' : $one }}</option>
            @endforeach
        </select>
        <noscript><button class="btn slim">Filter</button></noscript>
    </form>
    @if ($state === 'waiting')
        <p class="hides">Only those that wait. <a href="/requests?state=all" hx-target="#index"
                hx-push-url="true">Show all</a></p>
    @endif
</div>
<div class="rows">
    @forelse ($requests as $one)
        @php
            $where = $one->asset?->tag ?? $one->location?->tag;
            $stands =
                $one->state->value === 'received'
                    ? "wanted {$one->how_soon->value}"
                    : $one->state->value;
            $became = $one->order ? " · {$one->order->label()}" : '';
            $too = $one->voices_count > 0 ? " · and {$one->voices_count} more" : '';
        @endphp
        <a class="row-line" href="/requests/{{ $one->id }}?state={{ urlencode($state) }}"
            data-record="/requests/{{ $one->id }}" hx-target="#sheet"
            @if ($current === $one->id) aria-current="true" @endif>
            @include('work.requests.glyph')
            <span><span class="n"><b>{{ $one->title() }}</b><span
                        class="tag">{{ $one->label() }}</span></span><span
                    class="w">{{ $stands }}
                    · {{ $where }} ·
                    {{ $w->relative($one->received_at) }}{{ $became }}{{ $too }}</span></span></a>
    @empty
        <div class="secs empty">
            <p>{{ $state === 'waiting' ? 'No request waits.' : 'No request matches.' }}</p>
        </div>
    @endforelse
    @if ($more)
        <a class="more"
            href="/requests?state={{ urlencode($state) }}&q={{ urlencode($q) }}&page={{ $page + 1 }}"
            hx-target="#index">Next 60</a>
    @endif
</div>
