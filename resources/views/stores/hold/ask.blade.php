<x-section title="With what it is reckoned" id="ask">
    <form class="form" method="get" action="{{ $by }}/hold">
        <div class="pair">
            <x-field name="source" label="Failures" type="select">
                @foreach ($sources as $key => $words)
                    <x-option name="source" :value="$key"
                        :current="$said->text('source')">{{ $words }}</x-option>
                @endforeach
            </x-field>
            <x-field name="rate" label="Failures a year, of one unit" :value="$said->text('rate')"
                inputmode="decimal" hint="Counted: {{ $usual['rate'] }}." />
            <x-field name="units" label="Units in use" :value="$said->text('units')" inputmode="decimal" />
            <x-field name="service" label="Chance of no stock-out, in %" :value="$said->text('service')"
                inputmode="decimal" />
            <x-field name="exposure" label="It has to last" type="select">
                @foreach ($exposures as $key => $words)
                    <x-option name="exposure" :value="$key"
                        :current="$said->text('exposure')">{{ $words }}</x-option>
                @endforeach
            </x-field>
            <x-field name="length" label="Days until it comes, or years to last" :value="$said->text('length')"
                inputmode="decimal"
                hint="Lead time and days between two rounds of buying; years where it cannot be bought again." />
            <x-field name="turnaround" label="Days until a repair comes back" :value="$said->text('turnaround')"
                inputmode="decimal"
                hint="Counts where it is repaired, with the share beyond repair." />
            <x-field name="scrapped" label="Beyond repair, in %" :value="$said->text('scrapped')"
                inputmode="decimal" />
            <x-field name="holding" label="Holding cost, in % of the price a year"
                :value="$said->text('holding')" inputmode="decimal" />
        </div>
        <details class="act" @if ($said->text('source') === 'life') open @endif>
            <summary>The life of a unit, and the interval</summary>
            <div class="pair">
                <x-field name="policy" label="What is done" type="select">
                    @foreach ($policies as $one)
                        <x-option name="policy" :value="$one->value"
                            :current="$said->text('policy')">{{ $one->words() }}</x-option>
                    @endforeach
                </x-field>
                <x-field name="beta" label="Shape (beta)" :value="$said->text('beta')" inputmode="decimal"
                    hint="Above 1: it wears out." />
                <x-field name="eta" label="Scale (eta), in days" :value="$said->text('eta')"
                    inputmode="decimal" />
                <x-field name="interval" label="Interval, in days" :value="$said->text('interval')"
                    inputmode="decimal" />
            </div>
        </details>
        <button class="btn strong">Reckon it</button>
    </form>
    @if ($maySet && $answer)
        <form class="buy-foot" method="post" action="{{ $by }}/hold">@csrf
            @foreach ($said->said as $field => $text)
                <input type="hidden" name="{{ $field }}" value="{{ $text }}">
            @endforeach
            <label>In <select name="store_id">
                    @foreach ($rows as $row)
                        <option value="{{ $row->store_id }}">{{ $row->store->name }}</option>
                    @endforeach
                </select></label>
            <button class="btn">Make {{ $answer['s'] }} the reorder point</button>
        </form>
    @endif
</x-section>
