@php
    $zone = $w->local($record->from_at);
    $times = $zone->format('H:i') . ' to ' . $w->local($record->to_at)->format('H:i');
    $day = $w->day($record->day);
    $oee = $sum->oee;
@endphp
<div class="head">
    <div>
        <div class="crumbs">
            @right('see-plant')
                <a class="only-narrow" href="/stops">‹ Stops</a>
            @endright
            <a href="/assets/{{ $line->asset_id }}">{{ $line->asset->tag }}</a> ›
            <a href="/lines/{{ $line->id }}">{{ $line->asset->name }}</a>
        </div>
        <h2>{{ Str::ucfirst($record->shift) }} shift <span class="quiet">{{ $day }},
                {{ $times }}</span></h2>
        <div class="meta">
            <b>OEE {{ $said->percent($oee->oee()) }}</b>
            @if ($lastWeek)
                <span>same shift last week {{ $said->percent($lastWeek->oee()) }}</span>
            @endif
            <span>{{ $said->minutes($sum->lost()) }} min
                lost{{ $cent === null ? '' : ", {$w->money($cent)}" }}</span>
            @if ($said->covered($sum->covered()))
                <span class="near-text">{{ $said->covered($sum->covered()) }}</span>
            @endif
            @if ($record->signed_who)
                <span>signed by {{ $record->signed_who }}</span>
            @endif
        </div>
    </div>
    <div class="acts">
        @if ($record->signed_who)
            @can('sign', $record)
                <a class="btn" href="#sign" data-opens="sign" hx-boost="false">Take the signature
                    back</a>
            @endcan
        @elseif ($hasBegun)
            @can('enter', $record)
                <a class="btn strong" href="#output" data-opens="output" hx-boost="false">Enter
                    output</a>
            @endcan
        @endif
        <span class="before-and-next">
            @if ($around['before'])
                <a class="btn" href="/shifts/{{ $around['before'] }}" hx-target="#sheet"
                    aria-label="The shift before">‹</a>
            @endif
            @if ($around['after'])
                <a class="btn" href="/shifts/{{ $around['after'] }}" hx-target="#sheet"
                    aria-label="The next shift">›</a>
            @endif
        </span>
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @foreach ($fields as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('stops.shift.band')
        @includeWhen($above, 'stops.shift.above')
        @include('frame.rest')
    </div>
    <nav class="toc" id="toc" aria-label="Sections">
        <a href="#band">The {{ $scale }}</a>
        @include('frame.toc')
    </nav>
</div>
