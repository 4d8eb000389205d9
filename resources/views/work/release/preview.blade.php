<div class="head bare">
    <div>
        <div class="crumbs"><a href="/schedules">Plan</a></div>
        <h2>Release</h2>
        <div class="meta"><span>{{ $site->name }}: by itself every day from
                {{ $site->release_hour }}:00; last
                {{ $site->last_released_on ? $w->day($site->last_released_on) : 'never' }}</span>
        </div>
    </div>
    <div class="acts">
        @if ($made !== [])
            <form id="release" method="post" action="/release">@csrf <x-once />
                @if ($place)
                    <input type="hidden" name="place" value="{{ $place }}">
                @endif @unless ($choice->until->is($today))
                <input type="hidden" name="until" value="{{ $choice->until }}">
            @endunless
            <button class="btn strong" data-counts="schedules[]" data-one="Release 1 order"
                data-many="Release # orders">
                {{ $more ? 'Release all that are due' : 'Release ' . $w->count(count($made), 'order') }}</button>
        </form>
    @endif
</div>
</div>
<div class="body whole">
<div class="secs"><x-said />
    <form class="inline-form" method="get" action="/release">
        <div class="field"><label>Place<br><select name="place">
                    <option value="">the whole site</option>
                    @foreach ($places as $one)
                        <option value="{{ $one->id }}" @selected($place === $one->id)>
                            {{ $one->name }}
                        </option>
                    @endforeach
                </select>
            </label></div>
        <div class="field"><label>Leads that come until<br><input type="date" name="until"
                    min="{{ $today }}" value="{{ $choice->until }}"></label></div><button
            class="btn">Preview</button>
        @unless ($choice->isWhole())
            <a class="btn" href="/release">What is due today</a>
        @endunless
    </form>
    <section class="part">
        @php
            $todayWords = $choice->until->is($today)
                ? 'Would be made now'
                : 'Would be made, as if it were ' . $w->day($choice->until);
        @endphp
        <h3>{{ $todayWords }}
            @php
                $moreWords = $more
                    ? 'the first ' .
                        count($made) .
                        '; choose some of them, or release all that are due'
                    : 'choose some, or release all of them';
            @endphp
            <span class="aside quiet">{{ $moreWords }}</span>
        </h3>
        @if ($made === [])
        <p class="quiet">Nothing: no lead has come since the last release.</p>@else<div
                class="scroll">
                <table>
                    <thead>
                        <tr>
                            <th></th>
                            <th>schedule</th>
                            <th>asset</th>
                            <th class="r">due</th>
                            <th class="r">lead
                                {{ $choice->until->is($today) ? 'came' : 'comes' }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($made as $schedule)
                            <tr>
                                <td class="glyph"><input type="checkbox" name="schedules[]"
                                        value="{{ $schedule->id }}" form="release"
                                        aria-label="Release {{ $schedule->name }} on {{ $schedule->asset->tag }} only">
                                </td>
                                <td><a
                                        href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                                </td>
                                <td>{{ $schedule->asset->name }} <span
                                        class="tag">{{ $schedule->asset->tag }}</span></td>
                                <td class="r">
                                    {{ $w->day($schedule->standing->next_due_on) }}</td>
                                <td class="r">
                                    {{ $w->day($schedule->standing->release_on) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </section>
    <section class="part">
        <h3>Would be left, and why <span class="aside quiet">leads of the next 14 days, and what
                is held up</span>
        </h3>
        @if ($left === [])
        <p class="quiet">Nothing.</p>@else<div class="scroll">
                <table>
                    <thead>
                        <tr>
                            <th>schedule</th>
                            <th>asset</th>
                            <th>left because</th>
                            <th class="r">due</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($left as $line)
                            <tr>
                                <td><a
                                        href="/schedules/{{ $line['schedule']->id }}">{{ $line['schedule']->name }}</a>
                                </td>
                                <td>{{ $line['schedule']->asset->name }} <span
                                        class="tag">{{ $line['schedule']->asset->tag }}</span>
                                </td>
                                @php
                                    $becauseWords =
                                        $line['because']->value === 'in hand'
                                            ? " {$line['schedule']->standing->in_hand}"
                                            : ($line['because']->value === 'lead not come'
                                                ? ', comes ' .
                                                    $w->day($line['schedule']->standing->release_on)
                                                : '');
                                @endphp
                                <td>{{ $line['because']->value }}{{ $becauseWords }}
                                </td>
                                <td class="r">
                                    {{ $w->day($line['schedule']->standing->next_due_on) }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </section>
    <section class="part form">
        <h3>Releases so far</h3>
        @if ($batches->isEmpty())
        <p class="quiet">None yet.</p>@else<table>
                <tbody>
                    @foreach ($batches as $batch)
                        <tr>
                            <td><a
                                    href="/release/{{ $batch->id }}">{{ $w->instant($batch->began_at) }}</a>
                            </td>
                            <td>{{ $batch->who }}</td>
                            <td class="r">
                                @php
                                    $endedAtWords = $batch->ended_at
                                        ? $w->count($batch->made, 'order')
                                        : 'not finished; the next one goes on';
                                @endphp
                                {{ $endedAtWords }}{{ $batch->undone_at ? ', taken back' : '' }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </section>
</div>
</div>
