<x-sheet title="Reliability">
    <x-slot:crumbs><a href="/assets/{{ $asset->id }}">{{ $asset->name }}</a></x-slot:crumbs>
    @include('stops.of-asset')
</x-sheet>
