@if ($part->packs() === [])
    <div class="field"><span class="label">Counted in</span> {{ $part->unit }}</div>
@else
    <x-field name="in" label="Counted in" type="select">
        <x-option name="in" :value="$part->unit">{{ $part->unit }}</x-option>
        @foreach ($part->packs() as $pack)
            <x-option name="in" :value="$pack->name">{{ $pack->says() }}
                {{ $part->unit }}</x-option>
        @endforeach
    </x-field>
@endif
