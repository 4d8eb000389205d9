<div class="head bare"><div><div class="crumbs"><a href="/assets/{{ $asset->id }}">{{ $asset->name }} {{ $asset->tag }}</a></div><h2>{{ $meter->exists ? $meter->name : 'New meter' }}</h2></div></div>
<div class="body whole"><div class="secs"><x-said/>
<form class="form" method="post" action="{{ $meter->exists ? "/meters/{$meter->id}" : "/assets/{$asset->id}/meters" }}">@csrf @if ($meter->exists) @method('put') <x-version :of="$meter" :labels="['name' => 'Name', 'unit' => 'Unit']"/> @else <x-once/> @endif
    <x-field name="name" label="Name" :value="$meter->name" required placeholder="Running hours"/>
    <div class="pair"><x-field name="unit" label="Unit" :value="$meter->unit ?? 'h'" required hint="h for hours: then more than 24 a day is questioned."/><x-field name="decimals" label="Places that it shows" type="number" min="0" max="3" :value="$meter->decimals"/></div>
    <div class="pair"><x-field name="expected_per_year" label="Expected use in a year" :value="$meter->expected_per_year === null ? '' : rtrim(rtrim($meter->expected_per_year, '0'), '.')" inputmode="decimal" hint="Gives dates until there are readings enough."/><x-field name="rolls_over_at" label="Shows 0 again at" :value="$meter->rolls_over_at === null ? '' : rtrim(rtrim($meter->rolls_over_at, '0'), '.')" inputmode="decimal" hint="Such as 100000 for five digits. Empty: never."/></div>
    <x-field name="window_days" label="Days over which its rate is taken" type="number" min="14" max="999" :value="$meter->window_days"/>
    <div class="foot-buttons"><button class="btn strong">{{ $meter->exists ? 'Save the meter' : 'Put it on '.$asset->tag }}</button><a class="btn" href="{{ $meter->exists ? "/meters/{$meter->id}" : "/assets/{$asset->id}" }}">Leave</a></div>
</form></div></div>
