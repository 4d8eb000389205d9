<x-sheet title="Labels for shelves">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>Each with a code that opens the part, or what lies in the bin, on a
        phone.</x-slot:meta>
    @if ($stores->isEmpty())
        <p class="quiet">There is no store at this site yet.</p>
    @else
        <form class="form" method="get" action="/parts/labels.pdf" hx-boost="false">
            <div class="pair">
                @include('stores.part.store-choice')
                <x-field name="of" label="Of" type="select">
                    <x-option name="of" value="parts">each part</x-option>
                    <x-option name="of" value="bins">each bin</x-option>
                </x-field>
                <x-field name="bins" label="Bins that begin with" maxlength="20"
                    hint="Empty: all of the store, 400 at most." />
                <x-field name="size" label="Sheet" type="select" required>
                    @foreach ($sizes as $size)
                        <x-option name="size" :value="$size">{{ $size }}</x-option>
                    @endforeach
                </x-field>
            </div>
            <button class="btn strong">Make the sheet</button>
        </form>
    @endif
</x-sheet>
