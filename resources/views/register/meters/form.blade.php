<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets/{{ $asset->id }}">{{ $asset->name }}
                {{ $asset->tag }}</a></div>
        <h2>{{ $meter->exists ? $meter->name : 'New meter' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $meter->exists ? "/meters/{$meter->id}" : "/assets/{$asset->id}/meters" }}">
            @csrf @if ($meter->exists)
                @method('put') <x-version :of="$meter" :labels="['name' => 'Name', 'unit' => 'Unit']" />
            @endif
            @php
                $kindHint = $meter->last_on
                    ? 'It has readings, so its kind is fixed.'
                    : 'A counter only rises: hours, cycles, metres. A gauge shows any value: a temperature, ' .
                        'a pressure, a vibration.';
            @endphp
            <x-field name="kind" label="Kind" type="select" :hint="$kindHint">
                @foreach (['counter', 'gauge'] as $kind)
                    @if (!$meter->last_on || $meter->kind === $kind)
                        <x-option name="kind" :value="$kind"
                            :current="$meter->kind">{{ $kind }}</x-option>
                    @endif
                @endforeach
            </x-field>
            <x-field name="name" label="Name" :value="$meter->name" required
                placeholder="Running hours" />
            <div class="pair"><datalist id="units">
                    @foreach ($units as $unit)
                        <option value="{{ $unit->symbol }}">{{ $unit->name }}</option>
                    @endforeach
                </datalist><x-field name="unit" label="Unit" :value="$meter->unit ?? 'h'" list="units"
                    autocomplete="off" required
                    hint="h for hours: then more than 24 a day is questioned." /><x-field
                    name="decimals" label="Places that it shows" type="number" min="0"
                    max="3" :value="$meter->decimals" /></div>
            <div class="pair"><x-field name="expected_per_year"
                    label="For a counter: expected use in a year" :value="$meter->expected_per_year === null
                        ? ''
                        : rtrim(rtrim($meter->expected_per_year, '0'), '.')"
                    inputmode="decimal"
                    hint="Gives dates until there are readings enough." /><x-field
                    name="rolls_over_at" label="Shows 0 again at" :value="$meter->rolls_over_at === null
                        ? ''
                        : rtrim(rtrim($meter->rolls_over_at, '0'), '.')"
                    inputmode="decimal" hint="Such as 100000 for five digits. Empty: never." />
            </div>
            @php
                $limit = fn(?string $text) => $text === null ? '' : $meter->typed($text);
            @endphp
            <fieldset>
                <legend>For a gauge: between what it should stay</legend>
                @php
                    $valueGiven = $meter->isGauge() ? $limit($meter->hysteresis) : '';
                @endphp
                <div class="pair"><x-field name="low_limit" label="Not below" :value="$limit($meter->low_limit)"
                        inputmode="decimal" /><x-field name="high_limit" label="Not above"
                        :value="$limit($meter->high_limit)" inputmode="decimal" /><x-field name="hysteresis"
                        label="Back inside by" :value="$valueGiven" inputmode="decimal"
                        hint="Once beyond a limit, it counts as back only this far inside." /></div>
            </fieldset>
            <x-field name="window_days" label="For a counter: days over which its rate is taken"
                type="number" min="14" max="999" :value="$meter->window_days" />
            <div class="foot-buttons"><button
                    class="btn strong">{{ $meter->exists ? 'Save the meter' : 'Put it on ' . $asset->tag }}</button><a
                    class="btn"
                    href="{{ $meter->exists ? "/meters/{$meter->id}" : "/assets/{$asset->id}" }}">Leave</a>
            </div>
        </form>
    </div>
</div>
