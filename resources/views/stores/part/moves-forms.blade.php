@php
    $here = $rows->first()?->store_id;
    $offs = ['second_id', 'reason'];
@endphp
<section class="part" id="move">
    <h3>Receive, carry, count, write off</h3>
    <div id="receive"><x-move title="Receive some" :action="$by . '/receive'" button="Put them on the shelf"
            :fields="['quantity', 'price', 'lots', 'best_before']">
            <div class="pair">
                @include('stores.part.store-choice', ['current' => $here])
                <x-field name="quantity" label="How many" required inputmode="decimal" />
                @include('stores.part.in-packs')
                @include('stores.part.which-lots', ['comes' => true])
                <x-field name="price" label="Price of one {{ $part->unit }}" inputmode="decimal"
                    hint="Empty: as in the catalogue." />
                <x-field name="reason" label="Delivery note, or a remark" maxlength="250" />
            </div>
        </x-move></div>
    @if ($rows->isNotEmpty())
        <div id="count"><x-move title="Count the shelf" :action="$by . '/count'"
                button="Book what was counted" :fields="['counted', 'second_id']">
                <div class="pair">
                    @include('stores.part.store-choice', ['current' => $here])
                    <x-field name="counted" label="Counted" required inputmode="decimal" />
                    @include('stores.part.in-packs')
                    <x-field name="reason" label="Why it differs" maxlength="250"
                        hint="Where the difference is big, and somebody else has to have seen it." />
                    @include('stores.part.second')
                    <x-field name="price" label="Price of one" inputmode="decimal"
                        hint="Only where the books do not know what one is worth." />
                </div>
            </x-move></div>
        @if ($stores->count() > 1)
            <x-move title="Carry to another store" :action="$by . '/carry'" button="Carry it"
                :fields="['to_id']">
                <div class="pair">
                    @include('stores.part.store-choice', [
                        'label' => 'From',
                        'current' => $here,
                    ])
                    @include('stores.part.store-choice', [
                        'name' => 'to_id',
                        'label' => 'To',
                    ])
                    <x-field name="quantity" label="How many" required inputmode="decimal" />
                    @include('stores.part.in-packs')
                    @include('stores.part.which-lots')
                    @include('stores.part.all-the-same')
                </div>
            </x-move>
        @endif
        <x-move title="Write off" :action="$by . '/write-off'" button="Write it off" danger :fields="$offs">
            <div class="pair">
                @include('stores.part.store-choice', ['current' => $here])
                <x-field name="quantity" label="How many" required inputmode="decimal" />
                @include('stores.part.in-packs')
                @include('stores.part.which-lots')
                <x-field name="reason" label="Why" required maxlength="250" />
                @include('stores.part.second')
                @include('stores.part.all-the-same')
            </div>
        </x-move>
    @endif
</section>
