<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/meters">‹ All meters ·
            </a>{{ $site->name }}@foreach ($crumbs as $crumb)
                @php
                    $kindWords =
                        $crumb['kind'] === 'asset'
                            ? '/assets/'
                            : (Gate::allows('see-plant')
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
        @can('read', $meter)<section class="part" id="read">
                <h3>Take a reading</h3>
                <form method="post" action="/meters/{{ $meter->id }}/readings">@csrf <x-once />
                    @if ($errors->has('turn') || $errors->has('old_final'))
                        @php
                            $messageGiven = $errors->first('turn') ?: $errors->first('old_final');
                        @endphp
                        <x-reading-question :meter="$meter" :message="$messageGiven" />
                    @endif
                    <div class="inline-form">
                        <div class="field"><label>It shows<br><input type="text" inputmode="decimal"
                                    name="shown" value="{{ old('shown') }}" size="10" required
                                    @error('shown') aria-invalid="true" @enderror>
                                {{ $meter->unit }}</label></div>
                        <div class="field"><label>When<br><input type="datetime-local" name="at"
                                    value="{{ old('at', $w->now()->format('Y-m-d\TH:i')) }}"></label>
                        </div>
                        <div class="field"><label>Note<br><input type="text" name="note"
                                    value="{{ old('note') }}" maxlength="250"></label></div><button
                            class="btn strong">Take the reading</button>
                    </div>
                    @foreach (['shown', 'at'] as $key)
                        @error($key)
                            <span class="error" role="alert">{{ $message }}</span>
                        @enderror
                    @endforeach
                </form>
        </section>@endcan
        @unless ($meter->isGauge())<section class="part">
                <h3>Due by this meter</h3>
                @if ($goals === [])
                    <p class="quiet small">No schedule counts on it. Add one on
                        {{ $meter->asset->name }}, and choose this
                        meter in its sentence.</p>
                @else
                    <div class="scroll">
                        <table>
                            <thead>
                                <tr>
                                    <th>schedule</th>
                                    <th class="r">due when it shows</th>
                                    <th class="r">to go</th>
                                    <th class="r">expected</th>
                                    <th>how sure</th>
                                    <th></th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($goals as $goal)
                                    <tr>
                                        <td><a href="{{ $goal['href'] }}">{{ $goal['label'] }}</a>
                                        </td>
                                        <td class="r reading">
                                            {{ $meter->text($meter->shownAt($goal['total'])) }}</td>
                                        <td class="r reading">
                                            @php
                                                $lastTotalWords = $meter->text(
                                                    max(
                                                        0,
                                                        $goal['total'] -
                                                            Sundial\Support\Quantity::parse(
                                                                $meter->last_total,
                                                            ),
                                                    ),
                                                );
                                            @endphp
                                            {{ $lastTotalWords }}
                                        </td>
                                        <td class="r">
                                            @php
                                                $expectedWords =
                                                    $goal['expected'] === null
                                                        ? 'no rate'
                                                        : ($goal['reached'] ? '' : '≈ ') .
                                                            $w->day($goal['expected']);
                                            @endphp
                                            {{ $expectedWords }}
                                        </td>
                                        @php
                                            $reachedWords = $goal['reached']
                                                ? 'reached by a reading'
                                                : ($goal['early'] === null
                                                    ? 'fewer than four rates'
                                                    : $w->day($goal['early']) .
                                                        ' to ' .
                                                        ($goal['late'] === null
                                                            ? 'open'
                                                            : $w->day($goal['late'])));
                                        @endphp
                                        <td>{{ $reachedWords }}
                                        </td>
                                        <td class="quiet">{{ $goal['state'] }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                @endif
            </section>
        @endunless
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
        <section class="part">
            <h3>Readings</h3>
            @if ($readings->isEmpty())
            <p class="quiet small">None yet.</p>@else<div class="scroll">
                    <table class="table-narrow">
                        <thead>
                            <tr>
                                <th>when</th>
                                <th class="r">showed</th>
                                <th class="r drop">{{ $meter->isGauge() ? '' : 'total' }}</th>
                                <th>who, from where</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($readings as $reading)
                                <tr>
                                    <td @class(['struck-out' => $reading->reason !== null])>
                                        {{ $w->instant($reading->at) }}</td>
                                    <td @class(['r', 'reading', 'struck-out' => $reading->reason !== null])>
                                        {{ $meter->text($reading->shown) }}</td>
                                    <td class="r drop reading">
                                        {{ $meter->isGauge() ? '' : $meter->text($reading->total) }}
                                    </td>
                                    <td>{{ $reading->who }}, {{ $reading->source }}@if ($reading->turn !== 'read')
                                            <div class="small w due">
                                                @php
                                                    $oldFinalWords =
                                                        $reading->old_final === null
                                                            ? ''
                                                            : ', the old meter showed last ' .
                                                                $meter->text($reading->old_final);
                                                @endphp
                                                {{ $reading->turn }}{{ $oldFinalWords }}
                                            </div>
                                            @endif @if ($reading->note)
                                                <div class="small quiet">{{ $reading->note }}</div>
                                                @endif @if ($reading->reason !== null)
                                                    <div class="small quiet">struck out by
                                                        {{ $reading->struck_by }}:
                                                        {{ $reading->reason }}</div>
                                                @endif
                                    </td>
                                    <td class="r">
                                        @if (
                                            $reading->reason === null &&
                                                (Gate::allows('write-register') || $reading->user_id === auth()->id()))
                                            <details class="strike">
                                                <summary>strike out</summary>
                                                <form method="post"
                                                    action="/readings/{{ $reading->id }}/strike">
                                                    @php
                                                        $atWords = $w->instant($reading->at);
                                                    @endphp
                                                    @csrf<input type="text" name="reason"
                                                        placeholder="Why?"
                                                        aria-label="Why is the reading of {{ $atWords }} struck out?"
                                                        required maxlength="250"><button
                                                        class="btn slim danger">Strike
                                                        out</button></form>
                                            </details>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </section>
        <section class="part">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>
