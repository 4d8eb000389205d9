<div class="head bare">
    <div>
        <div class="crumbs"><a href="/parts">Parts</a></div>
        <h2>{{ $part->exists ? $part->name : 'New part' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $part->exists ? "/parts/{$part->id}" : '/parts' }}">@csrf
            @if ($part->exists)
                @method('put') <x-version :of="$part" :labels="[
                    'number' => 'Part number',
                    'name' => 'What it is',
                    'unit' => 'Counted in',
                    'note' => 'Note',
                ]" />
            @endif
            <div class="pair">
                <x-field name="number" label="Part number" :value="$part->number" required
                    autocomplete="off" />
                <x-field name="name" label="What it is" :value="$part->name" required />
            </div>
            <div class="pair">
                <x-field name="unit" label="Counted in" :value="$part->unit" required
                    hint="pc, m, kg, l: one unit of it is what an order plans." />
                <x-field name="price" label="Price of one" :value="$price" inputmode="decimal"
                    hint="In {{ $currency }}, with four places at most. Orders plan its cost from it." />
            </div>
            <input type="hidden" name="currency" value="{{ $currency }}">
            <x-field name="supplier_id" label="Supplier" type="select">
                <option value="">none named</option>
                @foreach ($suppliers as $supplier)
                    <x-option name="supplier_id" :value="$supplier->id"
                        :current="$part->supplier_id">{{ $supplier->name }}</x-option>
                @endforeach
            </x-field>
            <div class="pair">
                <x-field name="lead_days" label="Comes after so many days" type="number"
                    min="0" max="999" :value="$part->lead_days"
                    hint="Once it is ordered. What has to be bought, and when, is reckoned with it." />
                <x-field name="class" label="Class" :value="$part->class" maxlength="60"
                    hint="What it is looked for under: Seals, Bearings." />
                <x-field name="criticality" label="Criticality" type="select">
                    <option value="">not said</option>
                    @foreach ($criticalities as $one)
                        <x-option name="criticality" :value="$one"
                            :current="$part->criticality">{{ $one }}</x-option>
                    @endforeach
                </x-field>
            </div>
            @include('stores.form-packs')
            @include('stores.form-followed')
            <x-field name="note" label="Note" :value="$part->note" />
            @if ($part->exists)
                <div class="choices field"><label><input type="checkbox" name="in_use"
                            value="1" @checked(!$part->retired)> In use: offered when
                        choosing</label></div>
            @endif
            <div class="foot-buttons"><button
                    class="btn strong">Save{{ $part->exists ? '' : ' the part' }}</button><a
                    class="btn" href="/parts{{ $part->exists ? "/{$part->id}" : '' }}">Leave
                    unchanged</a></div>
        </form>
    </div>
</div>
