        <section class="part form" @if ($mayWrite) x-data="roundOrder" @endif>
            @php
                $countWords =
                    $mayWrite && $round->stations->count() > 1 ? 'drag a number, or ↑' : '';
            @endphp
            <h3>Walked in this order <span class="aside quiet">{{ $countWords }}</span>
            </h3>
            <ol class="walked" data-list>
                @foreach ($round->stations as $station)
                    <li data-station="{{ $station->asset_id }}"><span
                            class="position">{{ $loop->iteration }}</span><span><a
                                href="/assets/{{ $station->asset_id }}">{{ $station->asset->name }}</a>
                            <span class="tag">{{ $station->asset->tag }}</span><span
                                class="quiet small">
                                @php
                                    $isInUseWords = $station->asset->life_state->isInUse()
                                        ? ''
                                        : $station->asset->life_state->value .
                                            ': left out meanwhile';
                                @endphp
                                {{ $isInUseWords }}</span></span>
                        @if ($mayWrite)
                            <form method="post" action="/rounds/{{ $round->id }}/stations"
                                hx-trigger="change">@csrf
                                @method('put')<input type="hidden" name="asset_id"
                                    value="{{ $station->asset_id }}"><label>every <select
                                        name="every"
                                        aria-label="{{ $station->asset->tag }} is walked every so many visits">
                                        @php
                                            $everyRows =
                                                [
                                                    1 => 'visit',
                                                    2 => 'second',
                                                    3 => 'third',
                                                    4 => 'fourth',
                                                    6 => 'sixth',
                                                    12 => 'twelfth',
                                                ] +
                                                ($station->every > 1
                                                    ? [$station->every => "{$station->every}th"]
                                                    : []);
                                        @endphp
                                        @foreach ($everyRows as $k => $word)
                                            <option value="{{ $k }}"
                                                @selected($station->every === $k)>
                                                {{ $word }}</option>
                                        @endforeach
                                    </select>
                                </label><noscript><button class="btn slim">Set</button></noscript>
                            </form>
                            <span class="buttons"><button type="button" class="btn slim"
                                    data-station="{{ $station->asset_id }}" x-on:click="up"
                                    aria-label="Walk {{ $station->asset->tag }} earlier">↑</button>
                                <form method="post"
                                    action="/rounds/{{ $round->id }}/stations/{{ $station->asset_id }}">
                                    @csrf @method('delete')<button class="btn slim"
                                        aria-label="Take {{ $station->asset->tag }} off the round">×</button>
                                </form>
                            </span>
                        @else
                            <span class="quiet small">
                                {{ $station->every === 1 ? 'every visit' : "one visit in {$station->every}" }}</span>
                        @endif
                    </li>
                @endforeach
            </ol>
            @if ($round->stations->isEmpty())
                <p class="quiet">No asset yet.</p>
            @endif
            @if ($mayWrite)
                <form hidden data-order method="post"
                    action="/rounds/{{ $round->id }}/stations">
                    @csrf
                    @method('put')<input type="hidden" name="stations"></form>
            @endif
            @if ($mayWrite)
                <form id="add" class="inline-form" method="post"
                    action="/rounds/{{ $round->id }}/stations">
                    @csrf<div class="field"><label for="add-tag">Put an asset at the
                            end</label><input id="add-tag" name="tag" size="18" required
                            autofocus autocomplete="off" placeholder="tag, or scan its label"></div>
                    <button class="btn">Add
                        it</button>
                </form>
                <p class="quiet small">Walking: scan one label after the other, the field stays
                    ready.</p>
            @endif
        </section>
