<x-sheet title="Recharge of {{ $order->label() }}">
    <x-slot:crumbs><a href="/orders">Work</a> › <a
            href="/orders/{{ $order->id }}">{{ $order->title }}</a></x-slot:crumbs>
    <x-slot:meta>
        @if ($recharge)
            <span>to <b>{{ $recharge->customer }}</b></span>
            @if ($recharge->customer_order)
                <span>their order <b>{{ $recharge->customer_order }}</b></span>
            @endif
            <span>{{ $recharge->invoice ? "invoiced as {$recharge->invoice}" : 'not invoiced yet' }}</span>
        @else
            <span>nobody is asked to pay for it yet</span>
        @endif
    </x-slot:meta>
    <x-slot:acts>
        @if ($recharge)
            <a class="btn" href="/orders/{{ $order->id }}/recharge.pdf" hx-boost="false">PDF</a>
            <a class="btn" href="/orders/{{ $order->id }}/recharge.csv" hx-boost="false">CSV</a>
        @endif
    </x-slot:acts>
    @error('form')
        <p class="said said-bad" role="alert">{{ $message }}</p>
    @enderror
    @if ($unknown > 0)
        <p class="note">{{ $w->count($unknown, 'line') }} of unknown cost
            {{ $unknown === 1 ? 'is' : 'are' }} not in the sum yet.</p>
    @endif
    @include('work.recharge.lines')
    @if ($mayEdit)
        @include('work.recharge.form')
    @endif
</x-sheet>
