<div class="head bare">
    <div>
        <div class="crumbs"><a href="/suppliers">Suppliers</a></div>
        <h2>{{ $supplier->name ?? 'New supplier' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $supplier ? "/suppliers/{$supplier->id}" : '/suppliers' }}">@csrf
            @if ($supplier)
                @method('put') <x-version :of="$supplier" :labels="[
                    'name' => 'Name',
                    'serves' => 'Serves',
                    'contact' => 'Contact',
                    'phone' => 'Phone',
                    'email' => 'E-mail',
                    'website' => 'Website',
                    'address' => 'Address',
                    'notes' => 'Notes',
                ]" />
            @endif
            <x-field name="name" label="Name" :value="$supplier?->name" required />
            <x-field name="serves" label="What they supply or serve" :value="$supplier?->serves"
                hint="A few words that a search will find." />
            <div class="choices field"><label><input type="checkbox" name="contractor"
                        value="1" @checked($supplier?->contractor)> Contractor: works on our
                    assets</label>
                @if ($supplier)
                    <label><input type="checkbox" name="active" value="1"
                            @checked($supplier->active)> In use:
                        offered when choosing</label>
                @endif
            </div>
            <div class="pair"><x-field name="contact" label="Contact" :value="$supplier?->contact" /><x-field
                    name="phone" label="Phone" type="tel" :value="$supplier?->phone" /><x-field
                    name="email" label="E-mail" type="email" :value="$supplier?->email" /><x-field
                    name="website" label="Website" type="url" :value="$supplier?->website"
                    placeholder="https://" /></div>
            <x-field name="address" label="Address" type="textarea" :value="$supplier?->address" /><x-field
                name="notes" label="Notes" type="textarea" :value="$supplier?->notes" />
            <div class="foot-buttons"><button
                    class="btn strong">Save{{ $supplier ? '' : ' the supplier' }}</button><a
                    class="btn" href="/suppliers{{ $supplier ? "/{$supplier->id}" : '' }}">Leave
                    unchanged</a></div>
        </form>
    </div>
</div>
