<x-sheet title="Contractors of {{ $order->label() }}">
    <x-slot:crumbs><a href="/orders">Work</a> › <a
            href="/orders/{{ $order->id }}">{{ $order->title }}</a></x-slot:crumbs>
    <x-slot:meta>What is agreed stands in the plan of the order; here it is ordered, reported
        and
        accepted.</x-slot:meta>
    @foreach (['supplier', 'host', 'note'] as $field)
        @error($field)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if (session('address'))
        <p class="note">They report at <code class="tag">{{ session('address') }}</code></p>
    @endif
    @forelse ($lines as $line)
        @include('work.contract.line')
    @empty
        <p class="quiet">Nothing is agreed with a contractor in its plan yet. Add the hours of a
            contractor under People, or a service with its supplier under Services.</p>
    @endforelse
</x-sheet>
