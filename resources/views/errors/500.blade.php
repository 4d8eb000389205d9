@php($title = 'Something went wrong')
@extends('frame.door')
@section('panel')
    <h1>Something went wrong</h1>
    <p>The fault is on our side, and nothing was saved.
        @if ($frame->failureIsWritten())
            It has been written down in the log of the server.
        @endif
    </p>
    <p>Go back and try again; if it stays, tell your administrator what you did and when. <a
            href="/">Back to the
            start</a></p>
@endsection
