@php($title = 'Not allowed')
@extends('frame.door')
@section('panel')
    <h1>Not allowed</h1>
    <p>{{ $frame->failure($exception ?? null) ?: 'Your roles do not allow this.' }}</p>
    <p>If you need it, ask the planner or an administrator. <a href="/">Back to the start</a></p>
@endsection
