@php($title = 'Not ready')
@extends('frame.door')
@section('panel')
    <h1>Not ready</h1>
    <p>Sundial is being brought up to date. It takes a moment.</p>
    <p>Try again in a minute. <a href="/">Try again</a></p>
@endsection
