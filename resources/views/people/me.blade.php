<div class="head bare"><div><h2>{{ $me->name }} <span class="tag">{{ $me->login }}</span></h2><div class="meta"><span>roles <b>{{ implode(', ', array_map(fn ($role) => $role->value, $me->roles())) }}</b></span></div></div>
    <div class="acts"><form method="post" action="/logout" hx-boost="false">@csrf<button class="btn">Log out</button></form></div></div>
<div class="body whole"><div class="secs"><x-said/>
    <section class="part form"><h3>Colours</h3><form method="post" action="/me/scheme" hx-boost="false">@csrf
        <div class="buttons">@foreach (['auto' => 'As the device prefers', 'light' => 'Limestone (light)', 'dark' => 'Night (dark)'] as $scheme => $label)<button name="scheme" value="{{ $scheme }}" @class(['btn', 'strong' => $me->scheme === $scheme])>{{ $label }}</button>@endforeach</div></form></section>
    <section class="part form"><h3>Password</h3><form method="post" action="/me/password">@csrf
        <x-field name="current_password" label="Present password" type="password" required autocomplete="current-password"/>
        <x-field name="password" label="New password" type="password" required autocomplete="new-password" hint="At least 8 characters."/>
        <x-field name="password_confirmation" label="New password again" type="password" required autocomplete="new-password"/>
        <button class="btn strong">Change the password</button></form></section>
</div></div>
