@php
    $title = 'Not there';
@endphp

@extends('frame.door')
@section('panel')
    <h1>Not there</h1>
    @php
        $exceptionWords =
            $frame->failure($exception ?? null) ?:
            'There is no such page or record, or it is at a site that you do not belong to.';
    @endphp
    <p>{{ $exceptionWords }}
    </p>
    <p><a href="/">Back to the start</a></p>
@endsection
