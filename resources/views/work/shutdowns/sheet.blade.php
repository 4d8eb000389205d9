@php
    $by = "/shutdowns/{$shutdown->id}";
@endphp
<x-sheet :title="$shutdown->title . ' ' . $shutdown->label()">
    <x-slot:crumbs><a href="/orders">Work</a> › <a href="/shutdowns">Shutdowns</a></x-slot:crumbs>
    <x-slot:meta><span>from <b>{{ $w->instant($shutdown->from_at) }}</b> to
            <b>{{ $w->instant($shutdown->to_at) }}</b></span>
        <span>{{ $state }}</span>
        <span>stands
            @foreach ($shutdown->standing as $asset)
                <a
                    href="/assets/{{ $asset->id }}">{{ $asset->name }}</a>{{ $loop->last ? '' : ', ' }}
            @endforeach
        </span>
        @if ($shutdown->scope_on)
            <span>scope {{ $isFrozen ? 'frozen since' : 'open through' }}
                <b>{{ $w->day($shutdown->scope_on) }}</b></span>
        @endif
    </x-slot:meta>
    <x-slot:acts>
        @if ($mayPlan)
            @if ($waiting > 0)
                <form method="post" action="{{ $by }}/approve">@csrf<button
                        class="btn strong">Approve {{ $w->count($waiting, 'order') }}</button></form>
            @elseif ($lines->isNotEmpty() && $progress->turn() === null)
                <form method="post" action="{{ $by }}/over">@csrf<button
                        class="btn strong">It
                        is over</button></form>
            @endif
            <a class="btn" href="{{ $by }}/edit">Change</a>
        @endif
        <a class="btn" href="{{ $by }}/orders.csv" hx-boost="false">Orders as CSV</a>
        <button type="button" class="btn" data-print>Print</button>
    </x-slot:acts>
    @foreach (['form', 'over', 'orders', 'numbers', 'turns', 'late_reason'] as $field)
        @error($field)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @include('work.shutdowns.progress')
    @include('work.shutdowns.orders')
    @includeWhen($mayPlan, 'work.shutdowns.add')
    @includeWhen($mayPlan, 'work.shutdowns.isolate')
    @if ($shutdown->about)
        <x-section title="What else has to be known" id="about">
            <p class="lines">{{ $shutdown->about }}</p>
        </x-section>
    @endif
</x-sheet>
