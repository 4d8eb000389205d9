@php
    $by = "/parts/{$part->id}";
    $percent = fn(float $share): string => number_format($share * 100, $share > 0.999 ? 3 : 1) .
        ' %';
@endphp
<x-sheet :title="'How many to hold: ' . $part->name">
    <x-slot:crumbs><a href="/parts">Stores</a> › <a
            href="{{ $by }}">{{ $part->name }} <span
                class="tag">{{ $part->number }}</span></a> › <a href="/stores/hold">how many to
            hold</a></x-slot:crumbs>
    <x-slot:meta><span>held today
            <b>{{ $w->thousandths($held) }}</b></span>
        <span>reorder point
            <b>{{ $point === null ? 'none' : $w->thousandths($point) }}</b></span></x-slot:meta>
    @if ($refused)
        <p class="said said-bad" role="alert">
            {{ ucfirst(str_replace('_', ' ', (string) $refused->field())) }}:
            {{ $refused->getMessage() }}</p>
    @endif
    @includeWhen($answer, 'stores.hold.answer')
    @include('stores.hold.ask')
</x-sheet>
