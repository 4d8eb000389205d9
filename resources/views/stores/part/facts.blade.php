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
        <div>
            <dt>note</dt>
            <dd>{{ $part->note ?? '—' }}</dd>
        </div>
    </dl>
</x-section>
