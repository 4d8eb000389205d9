@php
    $discountTyped = $recharge?->discount_cents ? $w->typedMoney($recharge->discount_cents) : '';
    $setTyped = $recharge?->set_cents === null ? '' : $w->typedMoney($recharge->set_cents);
@endphp
<x-section title="Who pays, and how much" id="form">
    <form class="form" method="post" action="/orders/{{ $order->id }}/recharge">@csrf
        @method('put')
        @if ($recharge)
            <x-version :of="$recharge" />
        @endif
        <div class="pair">
            <x-field name="customer" label="Customer" required maxlength="120" :value="$recharge?->customer" />
            <x-field name="customer_order" label="Their order number" maxlength="60"
                :value="$recharge?->customer_order" />
        </div>
        <div class="pair">
            <x-field name="discount" label="Discount" maxlength="20" :value="$discountTyped" />
            <x-field name="set_total" label="Total set by hand" maxlength="20" :value="$setTyped"
                hint="Tax included; takes the place of the computed one." />
            <x-field name="set_reason" label="Why" maxlength="250" :value="$recharge?->set_reason" />
        </div>
        @if ($references !== [])
            <div class="pair">
                @foreach ($references as $name)
                    <x-field name="references[{{ $name }}]" :label="$name"
                        maxlength="120" :value="$recharge->references[$name] ?? ''" />
                @endforeach
            </div>
        @endif
        <x-field name="invoice" label="Invoice number" maxlength="60"
            hint="Once it is given, the recharge stays as it is." />
        <button class="btn strong">Save the recharge</button>
    </form>
</x-section>
