@if ($similar->isNotEmpty())
    <div class="similar">
        <b>Is it one of these?</b>
        @foreach ($similar as $one)
            <div class="one">
                {{-- Without an account its kind, its day and its state are all that is told. --}}
                <span><b>{{ $person ? $one->title() : $one->symptom ?? 'a report' }}</b>
                    reported {{ $w->relative($one->received_at) }},
                    {{ $one->state->isOpen() ? 'waits' : 'is being worked on' }}</span>
                <button class="btn" formnovalidate
                    formaction="{{ $to }}/me-too/{{ $one->id }}">Yes, me too</button>
            </div>
        @endforeach
    </div>
@endif
