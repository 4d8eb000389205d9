@if ($call === null)
    <x-move title="Call maintenance" action="/lines/{{ $line->id }}/calls" button="Call"
        :fields="['call_words', 'call']">
        <x-field name="call_words" label="What is wrong, if you know" maxlength="200" />
    </x-move>
@else
    <p class="note">Maintenance is called since {{ $w->instant($call->called_at) }}:
        {{ $call->words }};
        {{ $call->comes_who === null ? 'nobody comes yet' : "{$call->comes_who} comes" }}.
        @if ($call->subject_kind === 'order')
            <a href="/orders/{{ $call->subject_id }}">{{ $call->subject_label }}</a>
        @endif
    </p>
    <x-move title="Nobody is needed any more" action="/calls/{{ $call->id }}/end"
        button="End the call">
        <x-field name="because" label="Why" required maxlength="250" />
    </x-move>
@endif
