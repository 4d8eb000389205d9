<div class="head bare">
    <div>
        <h2>Rules of work</h2>
        <div class="meta">Who asks, who approves and who closes at {{ $site->name }}. What is
            left
            empty or not ticked is not asked for.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        <form method="post" action="/setup/work-rules">@csrf @method('put')
            <x-seen :mark="$seen" />
            <x-section title="Approving" id="approving">
                <div class="pair">
                    @foreach ($roles as $role)
                        @php
                            $limit = $rules->limitOf($role);
                            $limitTyped = $limit === null ? '' : $w->typedMoney($limit);
                        @endphp
                        <x-field name="limits[{{ $role->value }}]"
                            label="{{ ucfirst($role->value) }}: up to, in {{ $site->currency }}"
                            inputmode="decimal" :value="$limitTyped" hint="Empty: any amount." />
                    @endforeach
                    @php
                        $own = $rules->ownAbove === null ? '' : $w->typedMoney($rules->ownAbove);
                    @endphp
                    <x-field name="own_above" label="Nobody approves what they raised above"
                        inputmode="decimal" :value="$own" hint="Empty: not asked." />
                </div>
                <p class="quiet small">A plan that grows by more than a tenth after its approval, or
                    whose precautions change, is approved again.</p>
            </x-section>
            <x-section title="Closing" id="closing">
                <div class="choices upright field">
                    <label><input type="checkbox" name="second_to_close" value="1"
                            @checked($rules->secondToClose->isYes())> Nobody closes what they alone booked
                        on</label>
                    <label><input type="checkbox" name="hand_back" value="1"
                            @checked($rules->handBack->isYes())> Operations take the machine back before
                        the order is
                        closed</label>
                </div>
            </x-section>
            <x-section title="How long it may stand" id="stays">
                <p class="quiet small">Days in each state. What stands there longer is hatched on
                    the start page of Work.</p>
                <div class="pair">
                    @foreach ($lanes as $lane)
                        <x-field name="agreed[{{ $lane->value }}]"
                            label="{{ ucfirst($lane->value) }}" type="number" min="1"
                            max="365" :value="$agreed->days($lane)" />
                    @endforeach
                </div>
            </x-section>
            <button class="btn strong">Save the rules</button>
        </form>
    </div>
</div>
