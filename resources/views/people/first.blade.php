@php($title = 'First start')
@extends('frame.door')
@section('panel')
    <h1>
        First start</h1>
    <p class="quiet">Name your first site and its first administrator. That is all that is needed to
        begin; everything can
        be changed later.</p>
    <form method="post" action="/first">@csrf
        <x-field name="site" label="Name of the site" required autofocus />
        <div class="pair"><x-field name="code" label="Short code" required
                placeholder="MILL" /><x-field name="currency" label="Currency" required value="EUR"
                maxlength="3" /></div>
        <x-field name="timezone" label="Time zone" type="select" required>
            @foreach ($zones as $zone)
                <x-option name="timezone" :value="$zone"
                    current="Europe/London">{{ $zone }}</x-option>
            @endforeach
        </x-field>
        <x-field name="name" label="Your name" required autocomplete="name" />
        <x-field name="login" label="Account name" required autocomplete="username" />
        <x-field name="password" label="Password" type="password" required autocomplete="new-password"
            hint="At least 10 characters; a few words in a row are easy to remember." />
        <x-field name="password_confirmation" label="Password again" type="password" required
            autocomplete="new-password" />
        <button class="btn strong">Begin</button>
    </form>
@endsection
