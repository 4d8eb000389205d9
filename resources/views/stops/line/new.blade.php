<x-sheet title="Make an asset a line">
    <x-slot:crumbs><a href="/stops">Stops</a></x-slot:crumbs>
    <x-slot:meta>A line makes things as a whole: it has shifts, products with an ideal time,
        and an
        effectiveness. Its parts, shifts and products are set next.</x-slot:meta>
    <form class="form" method="post" action="/lines">@csrf
        <x-field name="tag" label="Tag of the asset" :value="$tag" required maxlength="40"
            autofocus />
        @error('asset_id')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <button class="btn strong">Make it a line</button>
    </form>
</x-sheet>
