@php
    $contract = $line['contract'];
    $name = $line['supplier']->name;
    $orderWords = $contract ? 'Order it anew, with another address' : 'Order it from them';
@endphp
<x-section :title="$name" id="s-{{ $line['supplier']->id }}">
    <x-slot:aside>{{ $contract ? "{$contract->label()} {$contract->state->value}" : 'not ordered yet' }}</x-slot:aside>
    <ul class="plain-list">
        @foreach ($line['labour'] as $one)
            <li>{{ $one->people }} {{ $one->trade_name }}, {{ $w->minutes($one->minutes) }} each
                @if ($seesCosts)
                    at {{ $w->price($one->rate) }} an hour
                @endif
                <span class="quiet">{{ $one->agreement }}
                    @if ($one->valid_until)
                        valid until {{ $w->day($one->valid_until) }}
                    @endif
                </span>
            </li>
        @endforeach
        @foreach ($line['services'] as $one)
            <li>{{ $one->what }}
                {{ $seesCosts && $one->planned_cents !== null ? $w->money($one->planned_cents) : '' }}
            </li>
        @endforeach
    </ul>
    @if ($seesCosts)
        <p class="small">agreed <b>{{ $line['agreed'] }}</b>
            @if ($line['accepted'])
                · accepted <b>{{ $line['accepted'] }}</b>
            @endif
            @if ($line['invoiced'])
                · invoiced
                <b>{{ $line['invoiced'] }}</b>{{ $line['match'] ? ", {$line['match']}" : '' }}
            @endif
        </p>
    @endif
    @if ($line['missing'] !== [])
        <p class="small due">No {{ implode(' and no ', $line['missing']) }} is on record: note it <a
                href="/suppliers/{{ $line['supplier']->id }}#expiry">at the supplier</a>.</p>
    @endif
    @if ($contract)
        <p class="small">Host {{ $contract->host->name }} · ordered by {{ $contract->who }},
            {{ $w->day($contract->ordered_on) }} · <a
                href="/orders/{{ $order->id }}/contractors/{{ $contract->id }}.pdf"
                hx-boost="false">as PDF</a></p>
        @if ($contract->report)
            <p>{{ $contract->reporter }} reports {{ $w->minutes((int) $contract->minutes) }}:
                “{{ $contract->report }}”</p>
        @endif
        @if ($contract->state->value === 'reported' && $mayAccept)
            <form method="post"
                action="/orders/{{ $order->id }}/contractors/{{ $contract->id }}/accept">
                @csrf<button class="btn strong">Accept it</button></form>
        @endif
        @if ($contract->accepted_on)
            <p class="small quiet">Accepted by {{ $contract->accepted_who }},
                {{ $w->day($contract->accepted_on) }}. Its invoice is booked under Services, with
                the
                supplier.</p>
        @endif
    @endif
    @if ($mayOrder && ($contract === null || $contract->state->takesReport()))
        <x-move :title="$orderWords" action="/orders/{{ $order->id }}/contractors"
            button="Order it" :fields="['host', 'note']">
            <input type="hidden" name="supplier" value="{{ $line['supplier']->id }}">
            <x-field name="host" label="Who looks after them" type="select" required>
                @foreach ($people as $id => $person)
                    <x-option name="host" :value="$id"
                        :current="$contract?->host_id ?? $me">{{ $person }}</x-option>
                @endforeach
            </x-field>
            <x-field name="note" label="What else they have to know" type="textarea"
                :value="$contract?->note" />
        </x-move>
    @endif
</x-section>
