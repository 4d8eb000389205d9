@php
    $mayWrite = $frame->can('update', $round);
@endphp

<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/rounds">‹ All rounds ·
            </a>{{ $site->name }}</div>
        <h2>{{ $round->name }}</h2>
        <div class="meta">Round of {{ $w->count($round->stations->count(), 'asset') }}</div>
    </div>
    <div class="acts">
        @if ($mayWrite && $round->stations->isNotEmpty())
            <a @class([
                'btn',
                'strong' => $round->schedules->where('ended', false)->isEmpty(),
            ])
                href="/assets/{{ $round->stations[0]->asset_id }}/schedules/new?round={{ $round->id }}">Add
                a
                schedule</a>
        @endif
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach (['tag', 'every', 'stale'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        @include('planning.rounds.stations')
        <section class="part">
            <h3>Schedules</h3>
            @if ($round->schedules->isEmpty())
            <p class="quiet small">None yet: nothing is walked by itself.</p>@else<table>
                    <tbody>
                        @foreach ($round->schedules as $schedule)
                            <tr @class(['quietly' => $schedule->ended])>
                                <td><a
                                        href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                                    <div class="quiet small">{{ $schedule->method->name }},
                                        {{ $words->every($schedule) }}</div>
                                </td>
                                <td class="r">
                                    @php
                                        $endedWords = $schedule->ended
                                            ? 'ended'
                                            : ($schedule->standing->in_hand
                                                ? "in hand {$schedule->standing->in_hand}"
                                                : $w->day($schedule->standing->next_due_on));
                                    @endphp
                                    {{ $endedWords }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        @if ($mayWrite)
            <section class="part form">
                <details class="act" @error('name') open @enderror>
                    <summary>Name it anew</summary>
                    <form method="post" action="/rounds/{{ $round->id }}">@csrf
                        @method('put')<x-version :of="$round" :labels="['name' => 'Name']" /><x-field
                            name="name" label="Name" :value="$round->name" required /><button
                            class="btn">Keep the name</button></form>
                </details>
            </section>
        @endif
        <section class="part">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>
