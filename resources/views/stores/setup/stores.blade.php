<div class="head bare">
    <div>
        <h2>Stores</h2>
        <div class="meta">Where parts lie at {{ $site->name }}, and what is agreed for them.
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        <x-section title="Stores" id="stores">
            @forelse ($stores as $store)
                <details class="act form">
                    <summary>{{ $store->name }} <span class="tag">{{ $store->code }}</span>
                        <span class="quiet small">{{ $w->count($store->parts, 'part') }}, worth
                            {{ $w->money((int) $store->cents) }}{{ $store->active ? '' : ', given up' }}</span>
                    </summary>
                    <form method="post" action="/setup/stores/{{ $store->id }}">@csrf
                        @method('put')
                        <input type="hidden" name="version" value="{{ $store->version }}">
                        <div class="pair">
                            <x-field name="code" label="Code" :value="$store->code" required />
                            <x-field name="name" label="Name" :value="$store->name" required />
                        </div>
                        <div class="choices field"><label><input type="checkbox" name="active"
                                    value="1" @checked($store->active)> In use</label>
                        </div>
                        <button class="btn">Save the store</button>
                    </form>
                </details>
            @empty
                <p class="quiet small">There is none yet: parts are planned and used at the price of
                    the catalogue. Open one, and load what lies in it from a file.</p>
            @endforelse
            <x-move title="Open a store" action="/setup/stores" button="Open it" :fields="['code', 'name']">
                <div class="pair">
                    <x-field name="code" label="Code" required maxlength="20" />
                    <x-field name="name" label="Name" required maxlength="80" />
                </div>
            </x-move>
        </x-section>
        <form method="post" action="/setup/store-rules">@csrf @method('put')
            <x-seen :mark="$seen" />
            <x-section title="What is agreed" id="rules">
                @php
                    $above = $w->typedMoney($rules->approveCents);
                @endphp
                <div class="pair">
                    <x-field name="big" label="A second person sees differences above"
                        :value="$w->typedMoney($rules->bigCents)" required inputmode="decimal"
                        hint="In {{ $site->currency }}; of a count, up or down." />
                    <x-field name="approve" label="Purchases are approved above" :value="$above"
                        required inputmode="decimal" hint="In {{ $site->currency }}." />
                    <x-field name="review_days" label="Days between two rounds of buying"
                        type="number" min="1" max="365" :value="$rules->reviewDays" required />
                </div>
                <div class="choices field"><label><input type="checkbox" name="separate"
                            value="1" @checked($separate)> Nobody receives or
                        counts what they ordered themselves</label>
                    <label><input type="checkbox" name="start_short" value="1"
                            @checked($startsShort)> Work may begin while some
                        of its parts are short</label>
                </div>
            </x-section>
            <button class="btn strong">Save the rules</button>
        </form>
    </div>
</div>
