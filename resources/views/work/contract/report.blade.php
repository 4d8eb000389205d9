@extends('work.requests.floor')
@section('site', $site->name)
@section('floor')
    <h1>{{ $contract->order->title }}</h1>
    <p class="quiet">{{ $contract->label() }} · {{ $contract->supplier->name }} ·
        {{ $contract->order->worksite()->name }} · your host is {{ $contract->host->name }}</p>
    @if ($contract->note)
        <p>{{ $contract->note }}</p>
    @endif
    @if ($contract->state->value === 'accepted')
        <p><b>Your work was accepted</b> {{ $w->day($contract->accepted_on) }}. Send your invoice with
            the number {{ $contract->label() }}.</p>
    @else
        @if ($contract->report)
            <p>Reported by {{ $contract->reporter }}: {{ $w->minutes((int) $contract->minutes) }}. You
                can correct it until it is accepted.</p>
        @endif
        <form method="post" action="/contract/{{ $secret }}">@csrf
            <x-field name="reporter" label="Your name" required maxlength="80" :value="$contract->reporter" />
            <x-field name="hours" label="Hours of all of you together" required maxlength="20"
                :value="$contract->minutes ? $w->typedTime($contract->minutes) : ''" hint="Such as 12.5 h or 12:30" />
            <x-field name="report" label="What was done, and what is left" type="textarea" required
                :value="$contract->report" />
            <button class="btn strong wide">Report it</button>
        </form>
    @endif
@endsection
