@php
    $by = "/purchases/{$purchase->id}";
@endphp
<x-sheet :title="$purchase->label() . ' ' . $purchase->supplier->name">
    <x-slot:crumbs><a href="/parts">Stores</a> › <a href="/purchases">What to buy</a></x-slot:crumbs>
    <x-slot:meta><span><b>{{ $purchase->state->value }}</b></span>
        @if ($seesPrices)
            <span>worth <b>{{ $w->money($total) }}</b></span>
        @endif
        <span>to <b>{{ $purchase->store->name }}</b></span>
        @if ($purchase->expected_on)
            <span>expected <b>{{ $w->weekday($purchase->expected_on) }}</b></span>
        @endif
        @if ($lead)
            <span>{{ $purchase->supplier->name }} took {{ $lead->median }} d by the median,
                {{ $lead->mostly }} d in four of five</span>
        @endif
    </x-slot:meta>
    <x-slot:acts>
        @include('stores.buying.acts')
    </x-slot:acts>
    @foreach (['form', 'reason', 'version', 'lots'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @include('stores.buying.lines')
    @includeWhen(
        $purchase->lines->flatMap->receipts->isNotEmpty(),
        'stores.buying.receipts')
    <x-section title="About" id="about">
        <dl class="facts">
            <div>
                <dt>written</dt>
                <dd>{{ $purchase->raised_who }}, {{ $w->day($purchase->raised_on) }}</dd>
            </div>
            <div>
                <dt>approved</dt>
                <dd>{{ $purchase->approved_who ?? '—' }}</dd>
            </div>
            @if ($purchase->mailed_to)
                <div>
                    <dt>mailed</dt>
                    <dd>to
                        {{ $purchase->mailed_to }}{{ $purchase->mailed_at ? '' : ', waits to be sent' }}
                    </dd>
                </div>
            @endif
            <div>
                <dt>sent</dt>
                <dd>{{ $w->day($purchase->sent_on) }}</dd>
            </div>
            <div>
                <dt>note</dt>
                <dd>{{ $purchase->note ?? '—' }} {{ $purchase->over_reason }}</dd>
            </div>
        </dl>
    </x-section>
    @if ($mayCancel)
        <x-move title="Cancel it" :action="$by . '/move'" button="Cancel the purchase" danger
            :version="$purchase->version" :fields="['reason']">
            <input type="hidden" name="move" value="cancel">
            <x-field name="reason" label="Why" required maxlength="250" />
        </x-move>
    @endif
    <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
</x-sheet>
