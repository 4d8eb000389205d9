@php($title = 'Too often')
@extends('frame.door')
@section('panel')
    <h1>Too often</h1>
    <p>That was too often in a short time, so it is refused for a minute.</p>
    <p>Wait a minute, then go back and try again. <a href="/login">Back to the login</a></p>
@endsection
