@extends('work.requests.floor')

@section('site', $site->name)
@section('corner')
    <a class="btn slim" href="/scan">Scan</a>
@endsection

@section('floor')
    <h1>Bin {{ $bin }}</h1>
    <ul class="shelves">
        @forelse ($parts as $part)
            <li><a href="/floor/parts/{{ $part->id }}">{{ $part->name }}</a>
                <span><b>{{ $w->quantity($part->on_hand) }}</b> there,
                    <b>{{ $w->quantity($part->free) }}</b> free</span>
            </li>
        @empty
            <li>Nothing lies in this bin.</li>
        @endforelse
    </ul>
@endsection
