<x-sheet title="Parts to pick">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>What approved orders want until {{ $w->weekday($until) }}, by the day on
        which it is
        needed, then by store and bin.</x-slot:meta>
    <x-slot:acts><button type="button" class="btn" data-print>Print</button></x-slot:acts>
    @error('form')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    @forelse ($groups as $lines)
        @include('work.picks.group', ['first' => $lines->first()])
    @empty
        <p class="quiet">Nothing is to be picked: no approved order wants a part until then.</p>
    @endforelse
</x-sheet>
