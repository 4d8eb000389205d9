@php
    $first = $rows->first();
@endphp
<div class="head">
    @includeWhen($shelf, 'stores.part.shelf')
    <div>
        <div class="crumbs"><a class="only-narrow" href="/parts">‹ All parts</a> <a
                href="/parts">Stores</a>{{ $part->class ? " › {$part->class}" : '' }}
            @if ($first)
                ›
                {{ $lies }}
            @endif
        </div>
        <h2>{{ $part->name }} <span class="tag">{{ $part->number }}</span></h2>
        <div class="meta">@include('stores.part.four')</div>
    </div>
    <div class="acts">
        @foreach ($offers as $offer)
            <a @class(['btn', 'strong' => $offer['strong']]) href="{{ $offer['href'] }}">{{ $offer['label'] }}</a>
        @endforeach
        @if ($keeps && $stores->isNotEmpty())
            <a class="btn" href="#receive" data-opens="receive" hx-boost="false">Receive</a>
            <a class="btn" href="#count" data-opens="count" hx-boost="false">Count</a>
        @endif
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @if ($part->merged_into_id)
            <p class="note">This number was merged into another: <a
                    href="/parts/{{ $part->merged_into_id }}">open the part that is kept</a>.</p>
        @endif
        @foreach (['form', 'move', 'quantity', 'store_id', 'to_id', 'counted', 'second_id', 'reason', 'lots'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @includeWhen($stair, 'stores.part.stair')
        @include('frame.rest')
    </div>
    <nav class="toc" id="toc" aria-label="Sections">
        @if ($stair)
            <a href="#coming" hx-boost="false">Coming</a>
        @endif
        @include('frame.toc')
    </nav>
</div>
