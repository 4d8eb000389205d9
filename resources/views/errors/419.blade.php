@php($title = 'Your session has ended')
@extends('frame.door')
@section('panel')
    <h1>Your session has ended</h1>
    <p>Nothing was saved. What you typed is still in the form: go back with your browser, <a
            href="/login" target="_blank" rel="opener">log in in another window</a>, reload nothing, and
        send the form again.</p>
    <p>If the form then still says this, copy what you typed, reload the page and paste it. <a
            href="/login">Log in here
            instead</a></p>
@endsection
