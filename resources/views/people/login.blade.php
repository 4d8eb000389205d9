@php($title = 'Log in')
@extends('frame.door')
@section('panel')
    <h1>Log in</h1>
    <x-said />
    <form method="post" action="/login">@csrf
        <x-field name="login" label="Account name" required autocomplete="username" autofocus
            autocapitalize="none" />
        <x-field name="password" label="Password" type="password" required
            autocomplete="current-password" />
        <div class="field"><label><input type="checkbox" name="remember" value="1"> Stay logged in
                on this
                device</label></div>
        <button class="btn strong">Log in</button>
    </form>
    @if ($demo)
        <div class="accounts">The demo plant, Ollerfell Mill. One account for each role:
            <code>planner</code>,
            <code>supervisor</code>, <code>technician</code>, <code>storekeeper</code>,
            <code>operator</code>,
            <code>engineer</code>, <code>manager</code>, <code>admin</code>. The password of each is
            <code>sundial</code>.
        </div>
    @endif
@endsection
