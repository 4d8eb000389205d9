@php
    $asks = ['reason' => $stop->reason, 'tag' => $stop->asset->tag];
@endphp
<section class="part" id="facts">
    <h3>What is known</h3>
    <dl class="facts">
        <dt>What stood</dt>
        <dd><a href="/assets/{{ $stop->asset_id }}">{{ $stop->asset->name }}</a></dd>
        @if ($stop->cause)
            <dt>Caused by</dt>
            <dd><a href="/assets/{{ $stop->cause->id }}">{{ $stop->cause->name }}</a></dd>
        @endif
        <dt>It is</dt>
        <dd @class(['near-text' => $stop->kind === null])>{{ $stop->kind->value ?? 'not said yet' }}</dd>
        <dt>Said by</dt>
        <dd>{{ $stop->opened_who }}{{ $stop->source === 'person' ? '' : ", by {$stop->source}" }}
            @if ($stop->ended_who)
                ; that it runs: {{ $stop->ended_who }}
            @endif
        </dd>
        <dt>In 90 days</dt>
        <dd>{{ $w->count($like['stops'], 'stop') }} of this machine for it,
            {{ $w->lasting($like['minutes']) }}
            @right('see-plant')
                · <a href="{{ $frame->address('/stops/helped', $asks) }}">did
                    something help?</a>
            @endright
        </dd>
    </dl>
    @if ($stop->note)
        <p class="pre">{{ $stop->note }}</p>
    @endif
</section>
