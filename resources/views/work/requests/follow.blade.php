@extends('work.requests.floor')
@section('site', $site->name)
@section('floor')
    <h1>{{ $request->title() }}</h1>
    <p class="quiet">{{ $request->label() }} ·
        {{ $request->asset?->name ?? $request->location?->name }} · reported
        {{ $w->instant($request->received_at) }}</p>
    <ol class="path">
        <li class="past">Reported by {{ $request->reporter }}</li>
        @if ($request->answered_at)
            <li class="past">Looked at {{ $w->instant($request->answered_at) }}</li>
        @endif
        @switch($request->state->value)
            @case('received')
                <li>It waits for somebody to look at it.</li>
            @break

            @case('asked back')
                <li><b>Somebody asks you:</b> {{ $request->words->last()?->words }}</li>
            @break

            @case('accepted')
                <li @class(['past' => $isDone])>It became work:
                    {{ $request->order?->label() }},
                    @if ($isDone)
                        finished {{ $w->instant($request->order?->finished_at) }}.
                    @else
                        {{ $request->order?->state->value }}.
                    @endif
                </li>
            @break

            @case('merged')
                <li>It tells of the same as {{ $request->into?->label() }}, which goes on.</li>
            @break

            @case('declined')
                <li><b>It was declined:</b> {{ $request->reason }}</li>
            @break

            @default
                <li>You took it back.</li>
        @endswitch
    </ol>
    @if ($request->state->value === 'asked back')
        <form method="post" action="/follow/{{ $secret }}/answer">@csrf
            <x-field name="words" label="Your answer" type="textarea" required />
            <button class="btn strong wide">Send the answer</button>
        </form>
    @endif
    @if ($isDone && $request->mended === null)
        <form method="post" action="/follow/{{ $secret }}/mended">@csrf
            <p><b>Is it mended?</b></p>
            <div class="two"><button class="btn strong wide" name="mended" value="yes">Yes, it
                    is</button><button class="btn wide" name="mended" value="no">No, not
                    yet</button></div>
        </form>
    @elseif ($request->mended)
        <p>You said that it is {{ $request->mended === 'yes' ? 'mended' : 'not mended yet' }}.</p>
    @endif
    @if ($request->state->isOpen())
        <form method="post" action="/follow/{{ $secret }}/withdraw">@csrf<button
                class="btn">Take it back</button></form>
    @endif
    <p class="quiet small">Keep this address: it shows what becomes of your report.</p>
@endsection
