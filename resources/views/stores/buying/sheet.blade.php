<x-sheet title="What to buy">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>What is short, what falls to its reorder point, and what orders want
        bought in: by whom it comes from.</x-slot:meta>
    @foreach (['form', 'buy', 'lines', 'supplier_id', 'store_id', 'part', 'part_quantity', 'quantity'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($stores->isEmpty())
        <p class="quiet">There is no store at this site yet. An administrator opens one under
            Setup, Stores.</p>
    @endif
    @forelse ($groups as $group)
        @include('stores.buying.group')
    @empty
        @if ($stores->isNotEmpty())
            <p class="quiet">Nothing has to be bought as it stands.</p>
        @endif
    @endforelse
    @includeWhen($more !== [], 'stores.buying.more')
    @include('frame.rest')
</x-sheet>
