@extends('work.requests.floor')
@section('corner')
    <a href="/login">log in</a>
@endsection
@section('floor')
    <h1>Report a fault</h1>
    @if ($isOpen)
        <p class="quiet">Once on this device: the code of the site. It hangs beside the labels, or ask
            your supervisor.</p>
        <form method="post" action="{{ $to }}/code">@csrf
            <x-field name="site_code" label="Code of the site" required autocomplete="off"
                autocapitalize="characters" />
            <button class="btn strong wide">Go on</button>
        </form>
    @else
        <p>Here somebody with an account reports faults. <a href="/login">Log in</a>, or tell your
            supervisor.</p>
    @endif
@endsection
