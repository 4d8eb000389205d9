@extends('work.requests.floor')

@section('site', $site->name)
@section('corner')
    <a class="btn slim" href="/scan">Scan</a>
@endsection

@section('floor')
    <h1>{{ $part->name }}</h1>
    <p class="quiet"><span class="tag">{{ $part->number }}</span> counted in {{ $part->unit }}</p>
    @foreach (['used_quantity', 'quantity', 'order', 'part', 'form', 'lots'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    <ul class="shelves">
        @forelse ($rows as $row)
            <li><span>{{ $row->store->name }}<b class="tag">{{ $row->bin ?? '—' }}</b></span>
                <span><b>{{ $w->quantity($row->on_hand) }}</b> there,
                    <b>{{ $w->thousandths($row->free()) }}</b> free</span>
            </li>
        @empty
            <li>It is kept in no store of this site.</li>
        @endforelse
    </ul>
    @if ($rows->isNotEmpty())
        @include('work.picks.floor-take')
    @endif
    @if ($keeps)
        <p class="two"><a class="btn wide" href="/parts/{{ $part->id }}#count">Count</a>
            <a class="btn wide" href="/parts/{{ $part->id }}#move">Carry, receive</a>
        </p>
    @endif
    <p><a href="/parts/{{ $part->id }}">All about this part</a></p>
@endsection
