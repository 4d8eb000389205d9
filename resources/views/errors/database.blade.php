@php($title = 'The database does not answer')
@extends('frame.door')
@section('panel')
    <h1>The database does not answer</h1>
    @if (isset($said))
        <p>{{ $said }}</p>
    @endif
    <p>Nothing was saved, and nothing that was stored is lost. It usually comes back by itself within a
        minute.</p>
    <p>Go back and try again; what you typed is still in the form. If it stays: <code>./sundial
            stop</code>, then start it
        again. <a href="/">Try again</a></p>
@endsection
