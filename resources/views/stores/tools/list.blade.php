<x-sheet title="Special tools">
    <x-slot:crumbs><a href="/parts">Stores</a></x-slot:crumbs>
    <x-slot:meta>There is one of each, and several want it: where it is, who has it, who
        booked
        it.</x-slot:meta>
    @if ($tools->isEmpty())
        <p class="quiet">None is kept at this site yet.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>tool</th>
                    <th>where</th>
                    <th>booked next</th>
                    <th>calibrated until</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($tools as $one)
                    @include('stores.tools.line')
                @endforeach
            </tbody>
        </table>
    @endif
    @right('keep-stores')
        @php($asks = ['number', 'name', 'place', 'calibrated_until'])
        <x-move title="Add a tool" action="/tools" button="Add the tool" :fields="$asks">
            @include('stores.tools.fields', ['tool' => null])
        </x-move>
    @endright
</x-sheet>
