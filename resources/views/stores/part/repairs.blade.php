<section class="part" id="repairs">
    <h3>Out for repair</h3>
    @foreach (['mended', 'beyond', 'cost', 'expected_on', 'came_off', 'mended_lots'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($repairs->isEmpty())
        <p class="quiet small">Nothing of it was sent for repair yet.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>sent</th>
                    <th>to</th>
                    <th class="r">how many</th>
                    <th>back</th>
                    @if ($seesPrices)
                        <th class="r">took along</th>
                        <th class="r">cost</th>
                    @endif
                    <th>what</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($repairs as $repair)
                    <tr>
                        <td>{{ $w->day($repair->sent_on) }}</td>
                        <td>{{ $repair->supplier?->name ?? 'own workshop' }}</td>
                        <td class="r">{{ $w->quantity($repair->quantity) }}</td>
                        <td @class([
                            'late-text' => !$repair->over_on && $repair->expected_on < $today,
                        ])>
                            @if ($repair->over_on)
                                {{ $w->day($repair->over_on) }}
                            @else
                                expected {{ $w->day($repair->expected_on) }}
                            @endif
                            @if ($repair->mended > 0 || $repair->scrapped > 0)
                                <span class="quiet small">{{ $w->quantity($repair->mended) }} mended,
                                    {{ $w->quantity($repair->scrapped) }} beyond repair</span>
                            @endif
                        </td>
                        @if ($seesPrices)
                            <td class="r">{{ $w->money($repair->value_cents) }}</td>
                            <td class="r">{{ $w->money($repair->cost_cents) }}</td>
                        @endif
                        <td class="quiet small">
                            {{ $repair->came_off ? "came off: {$repair->came_off}" : 'from the shelf' }}
                            {{ $repair->note }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @includeWhen($keeps && $stores->isNotEmpty(), 'stores.part.repair-forms')
</section>
