@php
    $address = $frame->address('/assets', $query);
    $files = $frame->can('write-register') ? ['/import' => 'Files in and out'] : [];
@endphp
<div class="filters">
    <h1><span>Assets @can('see-plant')
                <a class="also" href="/places">tree</a> <a class="also" href="/assets/table">table</a>
            @endcan <a class="also" href="/scan">scan</a>
            @can('see-plant')
                <x-also :links="[
                    '/meters' => 'Meters',
                    '/suppliers' => 'Suppliers',
                    '/expiry' => 'Expiry dates',
                    '/labels' => 'Labels to print',
                    '/log' => 'Log of the plant',
                ] + $files" :export="$address->at('/assets/table.{format}')" />
            @endcan
        </span>
        <small>{{ $found === $total ? $total : "{$found} of {$total}" }}</small>
    </h1>
    <form method="get" action="/assets" role="search" hx-target="#index" hx-push-url="true"
        hx-trigger="submit, change target:select, input delay:300ms from:find input"
        hx-sync="this:replace">
        <input type="search" name="q" value="{{ $filter['q'] }}"
            placeholder="Tag, name, make, serial" aria-label="Search assets">
        <select name="near" aria-label="Nearness">
            <option value="">any nearness</option>
            @foreach (['late', 'due', 'near', 'in hand', 'clear', 'none'] as $near)
                <option value="{{ $near }}" @selected($filter['near'] === $near)>
                    {{ $near === 'none' ? 'no schedule' : $near }}</option>
            @endforeach
        </select>
        <select name="place" aria-label="Place">
            <option value="">any place</option>
            @foreach ($places as $place)
                <option value="{{ $place->id }}" @selected($filter['place'] === $place->id)>{{ $place->name }}
                </option>
            @endforeach
        </select>
        <select name="life" aria-label="Life state">
            <option value="">any life state</option>
            @foreach ($lists->lifeStates() as $life)
                <option @selected($filter['life'] === $life->value)>{{ $life->value }}</option>
            @endforeach
        </select>
        <select name="sort" aria-label="Order">
            <option value="">nearest first</option>
            <option value="tag" @selected($filter['sort'] === 'tag')>by tag</option>
            <option value="name" @selected($filter['sort'] === 'name')>by name</option>
        </select>
        <noscript><button class="btn slim">Filter</button></noscript>
    </form>
    @if ($hidden > 0)
        <p class="hides">These filters hide
            {{ $w->count($hidden, 'asset') }}{{ $hiddenLate > 0 ? ", {$hiddenLate} of them late" : '' }}.
            <a href="/assets" hx-target="#index" hx-push-url="true">Show all</a>
        </p>
    @endif
</div>
<div class="rows">
    @forelse ($lines as $line)
        <a class="row-line" href="{{ $address->at("/assets/{$line->id}") }}"
            data-record="/assets/{{ $line->id }}" hx-target="#sheet"
            @if ($current === $line->id) aria-current="true" @endif>
            {!! $frame->dial($line->nearness, $line->consumed, null, $line->other) !!}
            @php
                $nearnessWords =
                    $line->openOrders > 0 && $line->nearness?->value !== 'in hand'
                        ? ' · ' . $w->count($line->openOrders, 'open order')
                        : '';
            @endphp
            <span><span class="n"><b>{{ $line->name }}</b><span
                        class="tag">{{ $line->tag }}</span></span><span
                    class="w {{ $line->tone() }}">{{ $line->words }}{{ $nearnessWords }}</span></span>
        </a>
    @empty
        <div class="empty secs">
            <p>{{ $total === 0 ? 'The register is empty.' : 'No asset matches.' }}</p>
            @if ($total === 0)
                @can('write-register')
                    <p><a href="/import/register">Load it from a file</a>, or <a href="/places/new">add
                            a location</a> and
                        then <a href="/assets/new">an asset</a> by hand.</p>
                @endcan
            @endif
        </div>
    @endforelse
    @if ($more)
        <a class="more" href="{{ $address->with(['page' => $page + 1]) }}"
            hx-target="#index">Next
            {{ min(60, $found - $page * 60) }} of {{ $found - $page * 60 }}</a>
    @endif
    @if ($page > 1)
        <a class="more" href="{{ $address->with(['page' => $page - 1 > 1 ? $page - 1 : null]) }}"
            hx-target="#index">Back to the 60 before</a>
    @endif
</div>
