@php
    $chosen = fn(string $field, int $id): bool => $isBack && old($field) === (string) $id;
@endphp
<div class="buy-foot">
    @if (!$group['id'])
        <label>From <select name="supplier_id" required>
                <option value="">choose a supplier</option>
                @foreach ($suppliers as $supplier)
                    <option value="{{ $supplier->id }}" @selected($chosen('supplier_id', $supplier->id))>
                        {{ $supplier->name }}</option>
                @endforeach
            </select></label>
    @endif
    @if ($stores->count() > 1)
        <label>To <select name="store_id">
                @foreach ($stores as $store)
                    <option value="{{ $store->id }}" @selected($chosen('store_id', $store->id))>
                        {{ $store->name }}</option>
                @endforeach
            </select></label>
    @else
        <input type="hidden" name="store_id" value="{{ $stores->first()->id }}">
    @endif
    <label>Expected <input type="date" name="expected_on"
            value="{{ $isBack ? old('expected_on') : '' }}"></label>
    <button class="btn">Write the purchase</button>
</div>
