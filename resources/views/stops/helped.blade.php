@php
    $stops = $frame->address('/stops/list', ['by' => 'reason', 'value' => $reason, 'days' => 365]);
@endphp
<x-sheet title="Did it help?">
    <x-slot:crumbs><a href="/stops">Stops</a></x-slot:crumbs>
    <x-slot:meta>Stops of one reason before and after something was done, over the time it
        ran.</x-slot:meta>
    @if ($refused)
        <p class="said said-bad" role="alert">{{ $refused }}</p>
    @endif
    @if ($ratio)
        <x-section :title="$reason . ($asset ? ', ' . $asset->name : '')" id="answer">
            <p><b>{{ $says }}</b></p>
            <dl class="facts">
                <div>
                    <dt>before</dt>
                    <dd>{{ $said->counted($ratio->before, $ratio->exposureBefore) }}</dd>
                </div>
                <div>
                    <dt>since {{ $w->day($on) }}</dt>
                    <dd>{{ $said->counted($ratio->after, $ratio->exposureAfter) }}</dd>
                </div>
                <div>
                    <dt>if nothing had changed, as uneven as this in</dt>
                    <dd>{{ number_format(100 * $ratio->p(), 1) }} of 100 cases</dd>
                </div>
            </dl>
            <p class="quiet small">The {{ $leftOut }} days before are left out: by them the
                cause was
                singled out, because they were bad. The stops themselves: <a
                    href="{{ $stops }}">one
                    by one</a>.</p>
        </x-section>
    @endif
    <form class="form" method="get" action="/stops/helped">
        <div class="pair">
            <x-field name="reason" label="Reason" :value="$reason" required maxlength="120" />
            <x-field name="tag" label="On the asset" :value="$tag" maxlength="40"
                hint="Its tag; empty: all that stood for it." />
            <x-field name="on" label="What was done, on" type="date" :value="$on ? (string) $on : ''"
                required />
            <x-field name="left_out" label="Days before that are left out" type="number"
                min="0" max="365" :value="$leftOut" />
            <x-field name="days" label="Days before those that count" type="number"
                min="7" max="730" :value="$days" />
        </div>
        <button class="btn strong">Compare</button>
    </form>
</x-sheet>
