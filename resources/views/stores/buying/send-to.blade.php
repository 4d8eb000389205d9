<div class="buy-foot">
    @if (!$group['id'])
        <label>From <select name="supplier_id" required>
                <option value="">choose a supplier</option>
                @foreach ($suppliers as $supplier)
                    <option value="{{ $supplier->id }}">{{ $supplier->name }}</option>
                @endforeach
            </select></label>
    @endif
    @if ($stores->count() > 1)
        <label>To <select name="store_id">
                @foreach ($stores as $store)
                    <option value="{{ $store->id }}">{{ $store->name }}</option>
                @endforeach
            </select></label>
    @else
        <input type="hidden" name="store_id" value="{{ $stores->first()->id }}">
    @endif
    <label>Expected <input type="date" name="expected_on"></label>
    <button class="btn">Write the purchase</button>
</div>
