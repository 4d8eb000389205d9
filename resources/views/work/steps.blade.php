@php
    $group = null;
@endphp

<ol class="steps">
    @foreach ($order->steps as $step)
        @php
            $now = [$step->visit_id, $step->asset_id];
        @endphp

        @if ($now !== $group && ($step->asset_id || $several))
            <li class="of-asset"><span></span>
                <h4>
                    @if ($step->asset_id)
                        <a class="plain"
                            href="/assets/{{ $step->asset_id }}">{{ $step->asset->name }}</a> <span
                            class="tag">{{ $step->asset->tag }}</span>
                    @else
                        {{ $titles[$step->visit_id] ?? 'For the whole' }}
                    @endif
                </h4>
            </li>
        @elseif ($now !== $group && $group !== null && $group[1])
            <li class="of-asset"><span></span>
                <h4>For the whole round</h4>
            </li>
        @endif
        @php
            $group = $now;
        @endphp

        <li id="step-{{ $step->position }}">
            @if ($mayWork && ($step->answer->value === 'tick' || $step->ticked_at))
                <form method="post" action="{{ $by }}/steps/{{ $step->position }}">
                    @php
                        $tickedAtWords = $step->ticked_at ? '✓' : '';
                    @endphp
                    @csrf<input type="hidden" name="done"
                        value="{{ $step->ticked_at ? 0 : 1 }}"><button @class(['tick', 'on' => $step->ticked_at])
                        role="checkbox" aria-checked="{{ $step->ticked_at ? 'true' : 'false' }}"
                        aria-label="Step {{ $step->position }}: {{ $step->text }}">{{ $tickedAtWords }}</button>
            </form>@else<span
                    class="position">{{ $step->ticked_at ? '✓' : $step->position }}</span>
            @endif
            <div>{{ $step->text }}@if ($step->detail)
                    <div class="detail">{{ $step->detail }}</div>
                @endif @isset($tiedTo[$step->id])
                <div class="detail">{{ $tiedTo[$step->id] }}</div>
                @endisset @if ($step->safety)
                    <div class="safety">{{ $step->safety }}</div>
                @endif
                @if ($step->value !== null && !($mayWork && $step->answer->value === 'check'))
                    <div class="given">
                        @if ($step->verdict)
                            <b
                                class="verdict-mark {{ $step->verdict->value }}">{{ $step->verdict->value }}</b>
                            @endif @if ($step->document_id)
                                <a href="/documents/{{ $step->document_id }}"><img
                                        src="/documents/{{ $step->document_id }}?small=1"
                                        alt="{{ $step->answer->words() }} of step {{ $step->position }}"></a>
                            @elseif ($step->answer->value !== 'check')
                                {{ $step->value }}
                                @php
                                    $numberWords = in_array(
                                        $step->answer->value,
                                        ['number', 'reading'],
                                        true,
                                    )
                                        ? $step->unit ?? ''
                                        : '';
                                @endphp
                                {{ $numberWords }}
                                @if ($step->question()->limits())
                                    <span
                                        class="quiet small">{{ $step->question()->limits() }}</span>
                                @endif
                            @endif
                    </div>
                @endif
                @if ($mayWork && $step->answer->value !== 'tick' && $step->reading_id === null)
                    @php
                        $to = "{$by}/steps/{$step->position}";
                        $meters = $stepMeters[$step->position] ?? null;
                        $wasWrong = (int) old('step_at') === $step->position && $errors->any();
                    @endphp
                    @if ($step->value === null || $step->answer->value === 'check')
                        <x-ask :step="$step" :to="$to" :meters="$meters" />
                    @else
                        <details class="again" @if ($wasWrong) open @endif>
                            <summary>answer it again</summary>
                            <x-ask :step="$step" :to="$to" :meters="$meters" />
                        </details>
                    @endif
                @elseif ($step->value === null && $step->answer->value !== 'tick')
                    <div class="quiet small">asks for
                        @php
                            $limitsWords = $step->question()->limits()
                                ? ', ' . $step->question()->limits()
                                : '';
                        @endphp
                        {{ $step->answer->words() }}{{ $limitsWords }}
                    </div>
                @endif
                @if ($mayWork && $step->isFinding())
                    <div><a class="btn slim"
                            href="{{ $by }}?found={{ $step->position }}#found"
                            hx-boost="false">Report it as a request of its own</a></div>
                @endif
                @if ($step->ticked_at)
                    <div class="quiet small">{{ $step->ticker?->name }},
                        {{ $w->instant($step->ticked_at) }}</div>
                @endif
            </div>
            <span class="r quiet">{{ $step->minutes ? $w->minutes($step->minutes) : '' }}</span>
        </li>
    @endforeach
</ol>
