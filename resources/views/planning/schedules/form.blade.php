@php
    [$schedule, $asset, $round] = [$form->schedule, $form->asset, $form->round];
    $bad = fn(string $name) => $errors->has($name) ? 'aria-invalid=true' : '';
@endphp
<div class="head bare">
    <div>
        <div class="crumbs">
            @if ($round)
                Round
                <a href="/rounds/{{ $round->id }}">{{ $round->name }}</a>,
                {{ $w->count($round->stations_count, 'asset') }}
            @else
                <a href="/assets/{{ $asset->id }}">{{ $asset->name }} {{ $asset->tag }}</a>
            @endif
        </div>
        <h2>{{ $schedule->exists ? $schedule->name : 'New schedule' }}</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($form->suiting->isEmpty())
            <div class="note">A schedule says when a method is done. There is no method yet: <a
                    href="/methods/new">write the first one</a>.</div>
        @endif
        @if ($errors->any() && !$errors->has('stale'))
            <div class="note bad" role="alert"><b>Not saved yet.</b>
                <ul>
                    @foreach ($errors->all() as $error)
                        <li>{{ $error }}</li>
                    @endforeach
                </ul>
            </div>
        @endif
        <form class="two" method="post"
            action="{{ $schedule->exists ? "/schedules/{$schedule->id}" : "/assets/{$asset->id}/schedules" }}"
            x-data="scheduleForm" x-on:change="fit">@csrf @if ($schedule->exists) @method('put') <input type="hidden"
                    name="schedule_id" value="{{ $schedule->id }}">
            @else
                @if ($round)
                    <input type="hidden" name="round_id" value="{{ $round->id }}">
                @endif
            @endif
            <div>
                @if ($schedule->exists)
                    <x-version :of="$schedule" :labels="[
                        'name' => 'Name',
                        'every' => 'Every',
                        'unit' => 'Unit',
                        'lead' => 'Lead',
                        'late_share' => 'Share of lateness',
                        'anchor_on' => 'First date',
                    ]" />
                @endif
                <div class="sentence" hx-post="/assets/{{ $asset->id }}/schedules/preview"
                    hx-trigger="change from:closest form, input delay:250ms from:closest form"
                    hx-target="#preview" hx-swap="innerHTML" hx-include="closest form"
                    hx-params="not _method" hx-sync="this:replace" hx-boost="false">
                    @include('planning.schedules.form.method')
                    @include('planning.schedules.form.rule')
                    @include('planning.schedules.form.counter')
                    @include('planning.schedules.form.gauge')
                    @include('planning.schedules.form.dates')
                </div>
                @include('planning.schedules.form.more')
                @include('planning.schedules.form.alike')
                @if ($schedule->exists)
                    <details class="act" @if ($errors->has('from_on')) open @endif>
                        <summary>Let the change take effect on a later day</summary>
                        <div class="secs"><x-field name="from_on" label="Takes effect on"
                                type="date"
                                hint="Until then the present rule holds. Empty: at once." /></div>
                    </details>
                @endif
                @php
                    $existsWords = $schedule->exists
                        ? 'Save the schedule'
                        : 'Put it on ' . ($round ? 'the round' : $asset->tag);
                @endphp
                <div class="foot-buttons"><button
                        class="btn strong">{{ $existsWords }}</button><noscript><button
                            class="btn"
                            formaction="/assets/{{ $asset->id }}/schedules/preview"
                            name="_method" value="POST"
                            formnovalidate>Preview</button></noscript><a class="btn"
                        href="{{ $schedule->exists ? "/schedules/{$schedule->id}" : "/assets/{$asset->id}" }}">Leave</a>
                </div>
            </div>
            <aside class="preview" id="preview" aria-live="polite">
                @include('planning.schedules.preview', ['preview' => $form->preview])</aside>
        </form>
    </div>
</div>
