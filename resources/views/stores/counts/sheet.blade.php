<x-sheet title="Counts">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>{{ $says }}
        Class A is counted every {{ $after['A'] }} days, B every {{ $after['B'] }}, C every
        {{ $after['C'] }}; the class follows from what was used in a year.</x-slot:meta>
    @foreach (['form', 'parts', 'bins', 'store_id'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($stores->isNotEmpty())
        @right('keep-stores')
            @include('stores.counts.new')
        @endright
    @else
        <p class="quiet">There is no store at this site yet.</p>
    @endif
    @include('stores.counts.list', ['title' => 'Going on', 'some' => $open])
    @includeWhen($due->isNotEmpty(), 'stores.counts.due')
    @includeWhen($over->isNotEmpty(), 'stores.counts.list', [
        'title' => 'Booked',
        'some' => $over,
    ])
</x-sheet>
