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
            <form id="release" method="post" action="/release">@csrf
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
    @include('work.release.would-make')
    @include('work.release.would-leave')
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
