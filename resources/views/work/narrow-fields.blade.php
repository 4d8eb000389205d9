@php
    $chosen = fn(string $key, mixed $value) => (string) ($asked[$key] ?? '') === (string) $value;
    $selects = [
        'state' => [
            'State',
            collect($states)->mapWithKeys(fn($one) => [$one->value => $one->value]),
        ],
        'type' => ['Type', collect($types)->mapWithKeys(fn($one) => [$one->name => $one->name])],
        'priority' => [
            'Priority',
            collect($lists->priorities())->mapWithKeys(fn($one) => [$one->value => $one->value]),
        ],
        'team' => ['Team', $teams->pluck('name', 'id')],
        'under' => ['Place, and all inside it', $places->pluck('name', 'id')],
        'class' => ['Class', $classes->pluck('name', 'id')],
        'stage' => ['Stage', collect($stages)->mapWithKeys(fn($one) => [$one->name => $one->name])],
        'hold' => [
            'On hold for',
            collect($reasons)->mapWithKeys(fn($one) => [$one->name => $one->name]),
        ],
    ];
@endphp
<div class="pair">
    @foreach ($selects as $key => [$label, $options])
        <div class="field"><label>{{ $label }}<br><select name="{{ $key }}">
                    <option value="">{{ $key === 'state' ? 'open' : 'any' }}</option>
                    @foreach ($options as $value => $text)
                        <option value="{{ $value }}" @selected($chosen($key, $value))>
                            {{ $text }}</option>
                    @endforeach
                    @if ($key === 'state')
                        <option value="all" @selected($chosen('state', 'all'))>all states</option>
                    @endif
                </select></label></div>
    @endforeach
    <div class="field"><label>More than so many days late<br><input name="over" type="number"
                min="0" max="9999" value="{{ $asked['over'] ?? '' }}"></label></div>
    @can('see-costs')
        <div class="field"><label>Cost from<br><input name="cost" inputmode="decimal"
                    value="{{ $asked['cost'] ?? '' }}"></label></div>
    @endcan
    <div class="field"><label>Words<br><input name="q"
                value="{{ $asked['q'] ?? '' }}"></label>
    </div>
    <div class="choices field"><label><input type="checkbox" name="mine" value="1"
                @checked(isset($asked['mine']))> Mine and my team’s</label></div>
</div>
