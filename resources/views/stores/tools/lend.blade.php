<x-section title="Lend it" id="lend">
    <form class="form" method="post" action="{{ $by }}/lend">@csrf
        <div class="pair">
            <x-field name="to_id" label="To" type="select" required>
                <option value="">choose</option>
                @foreach ($people as $person)
                    <x-option name="to_id" :value="$person->id">{{ $person->name }}</x-option>
                @endforeach
            </x-field>
            <x-field name="back_by" label="Back by" type="date" />
            <x-field name="what" label="What for" maxlength="200" placeholder="W-1042" />
        </div>
        <button class="btn strong">Lend it</button>
    </form>
</x-section>
