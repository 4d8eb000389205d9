<section class="part form" id="facts">
    <h3>Edit {{ $asset->name }}</h3>
    <form method="post" action="/assets/{{ $asset->id }}">@csrf @method('put')
        <x-version :of="$asset" :labels="[
            'tag' => 'Tag',
            'name' => 'Name',
            'make' => 'Make',
            'model' => 'Model',
            'serial' => 'Serial number',
            'criticality' => 'Criticality',
            'life_state' => 'Life state',
            'in_service_on' => 'In service since',
            'notes' => 'Notes',
            'purchased_on' => 'Bought on',
            'warranty_until' => 'Warranty until',
        ]" />
        <div class="pair"><x-field name="name" label="Name" :value="$asset->name"
                required /><x-field name="tag" label="Tag" :value="$asset->tag" required /></div>
        <div class="pair"><x-field name="class_id" label="Class" type="select" required>
                @foreach ($classes as $class)
                    <x-option name="class_id" :value="$class->id"
                        :current="$asset->class_id">{{ $class->name }}</x-option>
                @endforeach
            </x-field>
            <x-field name="stands" label="Stands at or inside (tag)" :value="$stands" required
                list="standings" autocomplete="off"
                hint="The tag of a location, or of the asset that it is a part of." />
        </div>
        @include('register.standings')
        <div class="pair"><x-field name="life_state" label="Life state" type="select" required
                hint="Out of service and retired assets make no orders.">
                @foreach ($lists->lifeStates() as $life)
                    @php
                        $lifeWords =
                            ($meanings[$life->value] ?? '') === ''
                                ? ''
                                : ': ' . $meanings[$life->value];
                    @endphp
                    <x-option name="life_state" :value="$life->value"
                        :current="$asset->life_state->value">{{ $life->value }}{{ $lifeWords }}</x-option>
                @endforeach
            </x-field>
            <x-field name="criticality" label="Criticality" type="select" required>
                @foreach ($criticalities as $letter)
                    <x-option name="criticality" :value="$letter"
                        :current="$asset->criticality">{{ $letter }}</x-option>
                @endforeach
            </x-field>
            <x-field name="team_id" label="Responsible team" type="select">
                <option value="">none</option>
                @foreach ($teams as $team)
                    <x-option name="team_id" :value="$team->id"
                        :current="$asset->team_id">{{ $team->name }}</x-option>
                @endforeach
            </x-field>
        </div>
        <div class="pair"><x-field name="make" label="Make" :value="$asset->make" /><x-field
                name="model" label="Model" :value="$asset->model" /><x-field name="serial"
                label="Serial number" :value="$asset->serial" /><x-field name="in_service_on"
                label="In service since" type="date" :value="$asset->in_service_on" /></div>
        <fieldset>
            <legend>Bought, worth and booked</legend>
            <div class="pair"><x-field name="supplier_id" label="Supplier" type="select">
                    <option value="">none</option>
                    @foreach ($suppliers as $supplier)
                        <x-option name="supplier_id" :value="$supplier->id"
                            :current="$asset->supplier_id">{{ $supplier->name }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="purchased_on" label="Bought on" type="date" :value="$asset->purchased_on" />
                @if ($seesCosts)
                    <x-field name="purchase" label="Purchase price, {{ $site->currency }}"
                        inputmode="decimal" :value="$asset->purchase_cents === null
                            ? ''
                            : $w->typedMoney($asset->purchase_cents)" /><x-field name="replacement"
                        label="Replacement value, {{ $site->currency }}" inputmode="decimal"
                        :value="$asset->replacement_cents === null
                            ? ''
                            : $w->typedMoney($asset->replacement_cents)" />
                @endif
            </div>
            <div class="pair"><x-field name="warranty_until" label="Warranty until" type="date"
                    :value="$asset->warranty_until" /><x-field name="cost_centre_id" label="Cost centre"
                    type="select">
                    <option value="">none</option>
                    @foreach ($centres as $centre)
                        <x-option name="cost_centre_id" :value="$centre->id"
                            :current="$asset->cost_centre_id">{{ $centre->code }}
                            {{ $centre->name }}</x-option>
                    @endforeach
                </x-field>
            </div>
        </fieldset>
        @if ($facts !== [])
            <fieldset>
                <legend>Extra fields</legend>
                <div class="pair">
                    @foreach ($facts as $fact)
                        <x-extra-input :field="$fact['field']" :typed="$fact['typed']" :documents="$documents"
                            :money="$site->currency" />
                    @endforeach
                </div>
            </fieldset>
        @endif
        <x-field name="notes" label="Notes" type="textarea" :value="$asset->notes" />
        <div class="foot-buttons"><button class="btn strong">Save the asset</button><a
                class="btn" href="/assets/{{ $asset->id }}">Leave unchanged</a></div>
    </form>
</section>
