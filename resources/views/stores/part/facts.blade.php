<x-section title="Facts" id="facts">
    <x-slot:aside>
        @right('write-parts')
            <a href="{{ $by }}/edit">Edit</a>
        @endright
    </x-slot:aside>
    <dl class="facts">
        @if ($seesPrices)
            <div>
                <dt>price of one, in the catalogue</dt>
                <dd>{{ $part->price === null ? '—' : $w->price($part->price) . " {$part->currency}" }}
                </dd>
            </div>
        @endif
        <div>
            <dt>supplier</dt>
            <dd>
                @if ($part->supplier)
                    <a href="/suppliers/{{ $part->supplier->id }}">{{ $part->supplier->name }}</a>
                @else
                    —
                @endif
            </dd>
        </div>
        <div>
            <dt>comes after</dt>
            <dd>{{ $part->lead_days === null ? '—' : $w->count($part->lead_days, 'day') }}</dd>
        </div>
        <div>
            <dt>class</dt>
            <dd>{{ $part->class ?? '—' }}</dd>
        </div>
        <div>
            <dt>criticality</dt>
            <dd>{{ $part->criticality ?? '—' }}</dd>
        </div>
        @if ($part->bought())
            <div>
                <dt>bought by the</dt>
                <dd>{{ $part->bought()->says() }} {{ $part->unit }}</dd>
            </div>
        @endif
        @if ($part->handedOver())
            <div>
                <dt>handed over by the</dt>
                <dd>{{ $part->handedOver()->says() }} {{ $part->unit }}</dd>
            </div>
        @endif
        @if ($part->shelf_days)
            <div>
                <dt>keeps for</dt>
                <dd>{{ $w->count($part->shelf_days, 'day') }}</dd>
            </div>
        @endif
        @if ($part->repair_days)
            <div>
                <dt>back from repair after</dt>
                <dd>{{ $w->count($part->repair_days, 'day') }},
                    {{ $part->scrapped_percent }} % beyond repair</dd>
            </div>
        @endif
        <div>
            <dt>note</dt>
            <dd>{{ $part->note ?? '—' }}</dd>
        </div>
    </dl>
    @if ($gone->isNotEmpty())
        <p class="small">Merged into it:
            @foreach ($gone as $one)
                <a
                    href="/parts/{{ $one->id }}">{{ $one->number }}</a>{{ $loop->last ? '' : ', ' }}
            @endforeach
        </p>
    @endif
    @right('write-parts')
        @unless ($part->retired)
            <x-move title="Another number is the same part" :action="$by . '/merged'" button="Merge it into this one"
                :fields="['merged']">
                <x-field name="merged" label="Number of the one that goes" required autocomplete="off"
                    hint="Its stock comes here with its value; plans and purchases name this one." />
            </x-move>
        @endunless
    @endright
</x-section>
