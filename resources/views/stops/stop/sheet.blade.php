@php
    $ends = $stop->to_at === null ? 'still down' : 'to ' . $w->instant($stop->to_at);
    $order = $frame->address('/orders/new', [
        'stop' => $stop->id,
        'asset' => $stop->asset->tag,
        'title' => "{$stop->asset->name}: {$stop->reason}",
        'about' => $about,
    ]);
@endphp
<div class="head">
    <div>
        <div class="crumbs">
            @right('see-plant')
                <a href="/stops">Stops</a> ›
            @endright
            <a href="/assets/{{ $stop->asset_id }}#stops">{{ $stop->asset->name }}</a>
            @if ($shift)
                › <a href="/shifts/{{ $shift->id }}">{{ $shift->shift }} shift,
                    {{ $w->day($shift->day) }}</a>
            @endif
        </div>
        <h2>{{ $stop->reason }} <span class="tag">{{ $stop->asset->tag }}</span></h2>
        <div class="meta"><b>{{ $w->lasting($minutes) }}</b> · {{ $w->instant($stop->from_at) }},
            {{ $ends }}{{ $stop->planned ? ' · planned' : '' }}
            @if ($cents !== null)
                · {{ $w->money($cents) }} by the line's rate
            @endif
        </div>
    </div>
    <div class="acts">
        @if ($stop->subject_kind === 'order')
            <a class="btn strong"
                href="/orders/{{ $stop->subject_id }}">{{ $stop->subject_label }}</a>
        @else
            @right('plan-orders')
                <a class="btn strong" href="{{ $order }}">Make an order of it</a>
            @endright
        @endif
        @right('plan-orders')
            <a class="btn" href="/window?asset={{ urlencode($stop->asset->tag) }}">What fits while
                it stands</a>
        @endright
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach ($fields as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @if ($stop->struck_at)
            <p class="note bad">It was struck out and counts no more.</p>
        @endif
        @include('stops.stop.facts')
        <section class="part" id="documents">
            @include('documents.section', [
                'subject' => $stop->subject(),
                'mayWrite' => $mayHang,
            ])
        </section>
        @can('explain', $stop)
            @includeWhen(!$stop->struck_at, 'stops.stop.why')
        @endcan
        @can('correct', $stop)
            @includeWhen(!$stop->struck_at, 'stops.stop.right')
        @endcan
        <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
    </div>
</div>
