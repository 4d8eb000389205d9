@php
    $address = $frame->address('/log', $given);
@endphp
<div class="head bare">
    <div>
        @if ($about)
            <div class="crumbs"><a href="{{ $about[1] }}">{{ $about[0] }}</a></div>
        @endif
        <h2>
            Log <span class="quiet">of {{ $about[0] ?? $site->name }}</span></h2>
        <div class="meta"><span>who did what, newest first; nothing in it is ever changed</span>
        </div>
    </div>
    <div class="acts"><a class="btn slim" href="{{ $address->at('/log.csv') }}"
            hx-boost="false">CSV</a><a class="btn slim" href="{{ $address->at('/log.json') }}"
            hx-boost="false">JSON</a></div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/log">
            @if ($about)
                <input type="hidden" name="asset" value="{{ $given['asset'] }}">
            @endif
            <div class="field"><label>What happened<br><input type="search" name="q"
                        value="{{ $given['q'] ?? '' }}" placeholder="a word of it"></label></div>
            <div class="field"><label>About<br><select name="kind">
                        <option value="">anything</option>
                        @foreach ($kinds as $kind)
                            <option @selected(($given['kind'] ?? '') === $kind)>{{ $kind }}</option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>Who<br><select name="person">
                        <option value="">anybody</option>
                        @foreach ($people as $id => $name)
                            <option value="{{ $id }}" @selected(($given['person'] ?? '') === (string) $id)>
                                {{ $name }}
                            </option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>From<br><input type="date" name="from"
                        value="{{ $given['from'] ?? '' }}"></label></div>
            <div class="field"><label>To<br><input type="date" name="to"
                        value="{{ $given['to'] ?? '' }}"></label></div>
            <button class="btn">Filter</button>
            @if (array_diff_key($given, ['asset' => 1]) !== [])
                <a class="btn"
                    href="{{ $about ? "/log?asset={$given['asset']}" : '/log' }}">Show all</a>
            @endif
        </form>
        <x-log :lines="$lines" />
        @if ($more)
            <a class="btn"
                href="{{ $address->with(['before' => (string) end($lines)->id]) }}">Older
                entries</a>
            @endif @if (request()->has('before'))
                <a class="btn" href="{{ $address->with(['before' => null]) }}">Newest</a>
            @endif
    </div>
</div>
