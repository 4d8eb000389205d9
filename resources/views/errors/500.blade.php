@php($title = 'Something went wrong')
@extends('frame.door')
@section('panel')
    <h1>Something went wrong</h1>
    <p>The fault is on our side. Nothing was saved; it has been written down in the log of the server.</p>
    <p>Go back and try again; if it stays, tell your administrator what you did and when. <a href="/">Back to the start</a></p>
@endsection
