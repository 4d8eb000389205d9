@php($held = old('roles', $person ? array_map(fn ($role) => $role->value, $person->roles()) : []))
@php($inSites = array_map('intval', old('sites', $person ? $person->siteIds() : $sites->pluck('id')->all())))
@php($inTeams = array_map('intval', old('teams', $person ? $person->teamIds() : [])))
<div class="head bare"><div><div class="crumbs"><a href="/setup/people">People</a></div><h2>{{ $person->name ?? 'New person' }}</h2></div></div>
<div class="body whole"><div class="secs"><x-said/>
<form class="form" method="post" action="{{ $person ? "/setup/people/{$person->id}" : '/setup/people' }}">@csrf @if ($person) @method('put') <x-version :of="$person" :labels="['name' => 'Name', 'login' => 'Account name', 'email' => 'E-mail']"/> @else <x-once/> @endif
    <div class="pair"><x-field name="name" label="Name" :value="$person?->name" required/><x-field name="login" label="Account name" :value="$person?->login" required autocomplete="off"/></div>
    <div class="pair"><x-field name="email" label="E-mail" type="email" :value="$person?->email"/><x-field name="trade_id" label="Trade" type="select"><option value="">none</option>@foreach ($trades as $trade)<x-option name="trade_id" :value="$trade->id" :current="$person?->trade_id">{{ $trade->name }}</x-option>@endforeach</x-field></div>
    <fieldset><legend>Roles: what this person may do</legend><div class="choices">@foreach (Sundial\Access\Role::cases() as $role)<label><input type="checkbox" name="roles[]" value="{{ $role->value }}" @checked(in_array($role->value, $held, true))> {{ $role->value }}</label>@endforeach</div>@error('roles')<span class="error">{{ $message }}</span>@enderror</fieldset>
    <fieldset><legend>Sites</legend><div class="choices">@foreach ($sites as $site)<label><input type="checkbox" name="sites[]" value="{{ $site->id }}" @checked(in_array($site->id, $inSites, true))> {{ $site->name }}</label>@endforeach</div>@error('sites')<span class="error">{{ $message }}</span>@enderror</fieldset>
    @if ($teams->isNotEmpty())<fieldset><legend>Teams</legend><div class="choices">@foreach ($teams as $team)<label><input type="checkbox" name="teams[]" value="{{ $team->id }}" @checked(in_array($team->id, $inTeams, true))> {{ $team->name }} <span class="quiet small">{{ $team->site->name }}</span></label>@endforeach</div></fieldset>@endif
    <x-field name="password" :label="$person ? 'Set a new password' : 'First password'" type="password" :required="! $person" autocomplete="new-password" :hint="$person ? 'Leave empty to keep the present one.' : 'At least 8 characters; the person changes it under Account.'"/>
    @if ($person)<div class="field"><label><input type="checkbox" name="active" value="1" @checked(old('active', $errors->any() ? false : $person->active))> Active: may log in</label></div>@endif
    <div class="foot-buttons"><button class="btn strong">Save {{ $person ? '' : 'the person' }}</button><a class="btn" href="/setup/people">Back</a></div>
</form>
@foreach ($sections as $section)<section class="part form" id="{{ strtolower($section['title']) }}">@include($section['view'], $section['data'])</section>@endforeach
@if ($person)<section class="part form"><h3>Own rate of pay</h3><p class="quiet small">Only where it differs from the trade’s. Hours are costed at the rate of the day on which they were worked.</p>@include('people.rates', ['rates' => $rates, 'action' => "/setup/people/{$person->id}/rates"])</section>@endif
</div></div>
