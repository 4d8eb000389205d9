<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/meters">‹ All meters ·
            </a>{{ $site->name }}@foreach ($crumbs as $crumb)
                @php
                    $kindWords =
                        $crumb['kind'] === 'asset'
                            ? '/assets/'
                            : ($frame->can('see-plant')
                                ? '/places/'
                                : '/assets?place=');
                @endphp
                › <a href="{{ $kindWords }}{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
            @endforeach › <a
                href="/assets/{{ $meter->asset_id }}">{{ $meter->asset->name }}
                {{ $meter->asset->tag }}</a></div>
        <h2>{{ $meter->name }}</h2>
        <div class="meta"><span>shows <b
                    class="reading">{{ $meter->text($meter->last_shown) }}</b></span><span>read
                <b>{{ $meter->last_at ? $w->instant($meter->last_at) : 'never' }}</b></span>
            @if ($meter->isGauge())
                <span
                @class(['w', 'late' => $meter->beyond !== null])>{{ $meter->standingText() }}</span>@else<span>rate
                    @php
                        $rateFromWords =
                            $meter->rate_from === 'expected use'
                                ? ', from its expected use'
                                : ($meter->rate_from === 'readings'
                                    ? ", over {$meter->window_days} days"
                                    : '');
                    @endphp
                    <b>{{ $meter->rateText() }}</b>{{ $rateFromWords }}</span>
                @endif @if ($meter->last_total !== $meter->last_shown)
                    <span>total <b>{{ $meter->text($meter->last_total) }}</b></span>
                @endif
        </div>
    </div>
    <div class="acts">
        @can('read', $meter)
            <a class="btn strong" href="#read" hx-boost="false">Take a reading</a>
            @endcan @can('update', $meter)
            <a class="btn" href="/meters/{{ $meter->id }}/edit">Change the meter</a>
        @endcan
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('reason')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @include('register.meters.read')
        @include('register.meters.use')
        <section class="part">
            @php
                $isGaugeWords = $meter->isGauge()
                    ? "in {$meter->unit}, with its limits"
                    : "total in {$meter->unit}; the fan is the spread of its rates";
            @endphp
            <h3>{{ $meter->isGauge() ? 'What it showed' : 'How it rose' }} <span
                    class="aside quiet">{{ $isGaugeWords }}</span>
            </h3>
            @if ($chart === null)
                <p class="quiet small">Drawn from two readings on.</p>
            @else
                @include('register.meters.chart')
            @endif
        </section>
        @include('register.meters.readings')
        <section class="part">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>
