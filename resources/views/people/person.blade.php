@php
    $inTeams = $person?->teamIds() ?? [];
    $rolesNow = array_map(
        fn($roles) => array_column($roles, 'value'),
        $person ? $person->rolesBySite() : [],
    );
@endphp

<div class="head bare">
    <div>
        <div class="crumbs"><a href="/setup/people">People</a></div>
        <h2>{{ $person->name ?? 'New person' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post"
            action="{{ $person ? "/setup/people/{$person->id}" : '/setup/people' }}">@csrf
            @if ($person)
                @php
                    $labelsGiven = [
                        'name' => 'Name',
                        'login' => 'Account name',
                        'email' => 'E-mail',
                    ];
                @endphp
                @method('put') <x-version :of="$person" :labels="$labelsGiven" />
            @endif
            <div class="pair"><x-field name="name" label="Name" :value="$person?->name"
                    required /><x-field name="login" label="Account name" :value="$person?->login"
                    required autocomplete="off" /></div>
            <div class="pair"><x-field name="email" label="E-mail" type="email"
                    :value="$person?->email" /><x-field name="trade_id" label="Trade" type="select">
                    <option value="">none</option>
                    @foreach ($trades as $trade)
                        <x-option name="trade_id" :value="$trade->id"
                            :current="$person?->trade_id">{{ $trade->name }}</x-option>
                    @endforeach
                </x-field>
                @php
                    $valueGiven = number_format(($person->week_minutes ?? 2250) / 60, 1);
                @endphp
                <x-field name="week_hours" label="Hours a week for planned work" inputmode="decimal"
                    :value="$valueGiven" hint="What the outlook measures its load against." />
            </div>
            <fieldset>
                <legend>Roles: what this person may do, at each site</legend>
                <div class="scroll">
                    <table class="dense roles">
                        <thead>
                            <tr>
                                <th>site</th>
                                @foreach ($lists->roles() as $role)
                                    <th>{{ $role->value }}</th>
                                @endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($sites as $site)
                                <tr>
                                    <td>{{ $site->name }}</td>
                                    @foreach ($lists->roles() as $role)
                                        <td><input type="checkbox"
                                                name="roles[{{ $site->id }}][]"
                                                value="{{ $role->value }}"
                                                aria-label="{{ $role->value }} at {{ $site->name }}"
                                                @checked(in_array($role->value, $rolesNow[$site->id] ?? [], true))></td>
                                    @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($elsewhere)
                    <p class="quiet small">This person belongs to other sites too. There, others say
                        what they
                        may do.</p>
                @endif
                @error('roles')
                    <span class="error">{{ $message }}</span>
                @enderror
                @can('administer-plant')
                    <label><input type="checkbox" name="plant_admin" value="1"
                            @checked($person?->plant_admin)> Plant
                        administrator: people, lists and settings of every site</label>
                    @error('plant_admin')
                        <span class="error">{{ $message }}</span>
                    @enderror
                @endcan
            </fieldset>
            @if ($teams->isNotEmpty())
                <fieldset>
                    <legend>Teams</legend>
                    <div class="choices">
                        @foreach ($teams as $team)
                            <label><input type="checkbox" name="teams[]"
                                    value="{{ $team->id }}" @checked(in_array($team->id, $inTeams, true))>
                                {{ $team->name }} <span
                                    class="quiet small">{{ $team->site->name }}</span></label>
                        @endforeach
                    </div>
                </fieldset>
            @endif
            @php
                $labelGiven = $person ? 'Set a new password' : 'First password';
            @endphp
            <x-field name="password" :label="$labelGiven" type="password" :required="!$person"
                autocomplete="new-password" :hint="$person
                    ? 'Leave empty to keep the present one.'
                    : 'At least 10 characters; the person changes it under Account.'" />
            @if ($person)
                <div class="field"><label><input type="checkbox" name="active" value="1"
                            @checked($person->active)> Active: may log in</label></div>
            @endif
            <div class="foot-buttons"><button class="btn strong">Save
                    {{ $person ? '' : 'the person' }}</button><a class="btn"
                    href="/setup/people">Back</a></div>
        </form>
        @if ($person)
            <form method="post" action="/setup/people/{{ $person->id }}/log-out"
                class="part form">
                @csrf
                <button class="btn">Log {{ $person->name }} out everywhere</button>
            </form>
        @endif
        @foreach ($sections as $section)
            <section class="part form" id="{{ strtolower($section['title']) }}">
                @include($section['view'], $section['data'])</section>
        @endforeach
        @if ($person)
            <section class="part form">
                <h3>Own rate of pay</h3>
                <p class="quiet small">Only where it differs from the trade’s. Hours are costed at
                    the rate of the day
                    on which they were worked.</p>@include('people.rates', [
                        'rates' => $rates,
                        'action' => "/setup/people/{$person->id}/rates",
                    ])
            </section>
        @endif
    </div>
</div>
