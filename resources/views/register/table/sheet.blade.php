@php
    $address = $frame->address('/assets/table', $query);
    $back = $address->with(['page' => $page > 1 ? $page : null])->asked();
@endphp

<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Assets as a table <span
                class="quiet">{{ $found === $total ? $total : "{$found} of {$total}" }}</span></h2>
        @if ($found < $total)
            <div class="meta"><span>These filters hide
                    {{ $w->count($total - $found, 'asset') }}.</span><a href="/assets/table">Show
                    all</a></div>
        @endif
    </div>
    <div class="acts"><a class="btn slim" href="{{ $address->at('/labels') }}">Labels</a><a
            class="btn slim" href="{{ $address->at('/assets/table.csv') }}"
            hx-boost="false">CSV</a><a class="btn slim"
            href="{{ $address->at('/assets/table.json') }}" hx-boost="false">JSON</a>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @include('register.table.filters')
        @include('register.table.columns')
        @include('register.table.rows')
    </div>
</div>
