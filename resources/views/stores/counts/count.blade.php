@php
    $by = "/counts/{$count->id}";
@endphp
<x-sheet :title="$count->label() . ' ' . $count->about">
    <x-slot:crumbs><a href="/parts">Stores</a> › <a href="/counts">Counts</a></x-slot:crumbs>
    <x-slot:meta><span><b>{{ $count->state }}</b></span><span>{{ $counted }} of
            {{ $lines->count() }} counted</span>
        <span>{{ $count->store->name }}</span>
        <span>made by {{ $count->made_who }}, {{ $w->day($count->made_on) }}</span></x-slot:meta>
    <x-slot:acts><button type="button" class="btn" data-print>Print</button></x-slot:acts>
    @foreach (['form', 'reason', 'second_id', 'counted', 'price'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @include('stores.counts.lines')
    @includeWhen(
        $differ->isNotEmpty() && ($mayCount || !$count->isOpen()),
        'stores.counts.differ')
    @includeWhen($mayCount && $counted > 0, 'stores.counts.book')
    @if ($mayCount)
        <form method="post" action="{{ $by }}/drop">@csrf<button class="btn">Give this
                count
                up</button></form>
    @endif
    <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
</x-sheet>
