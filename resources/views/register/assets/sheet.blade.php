<div class="head">
    <div class="faces"><x-dial :size="84" :nearness="$line->nearness" :consumed="$line->consumed"
            :other="$line->other" :lead="$line->lead" />
        @if ($portrait = $documents->first(fn($document) => $document->main))
            <a href="/documents/{{ $portrait->id }}/photo"><img class="portrait"
                    src="/documents/{{ $portrait->id }}?size=small" alt="{{ $portrait->name }}"
                    width="84" height="63"></a>
        @endif
    </div>
    <div>
        <div class="crumbs"><a class="only-narrow" href="/assets">‹ All assets ·
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
            @endforeach
        </div>
        <h2>{{ $asset->name }} <span class="tag">{{ $asset->tag }}</span></h2>
        <div class="meta"><span
                class="w {{ $line->tone() }}">{{ $line->words }}</span><span>class
                <b>{{ $names->class_name }}</b></span><span>criticality
                <b>{{ $asset->criticality }}</b></span><span>life
                <b>{{ $asset->life_state->value }}</b></span></div>
    </div>
    <div class="acts">
        @foreach ($offers as $i => $offer)
            <a @class([
                'btn',
                'strong' =>
                    $offer['strong'] &&
                    $i === array_key_first(array_filter($offers, fn($o) => $o['strong'])),
            ]) href="{{ $offer['href'] }}"
                @if (str_contains($offer['href'], '#')) hx-boost="false" @endif>{{ $offer['label'] }}</a>
        @endforeach
    </div>
</div>
<div class="body">
    <div class="secs"><x-said />
        @if ($asset->merged_into_id)
            <div class="note">This record turned out to be the same asset as another. <a
                    href="/assets/{{ $asset->merged_into_id }}">Its history is there</a>.</div>
        @endif
        @if ($editing)
            @include('register.assets.edit')
        @endif
        @foreach ($sections as $section)
            <section class="part" id="{{ Str::slug($section['title']) }}">
                @include($section['view'], $section['data'])</section>
        @endforeach
        @include('register.assets.facts')
        @include('register.assets.change')
        <section class="part" id="inside">
            <h3>Inside it @can('write-register')
                    <a href="/assets/new?inside={{ urlencode($asset->tag) }}">add a part</a>
                @endcan
            </h3>
            @include('register.inside', [
                'lines' => $inside,
                'none' => 'Nothing stands inside it.',
            ])
        </section>
        <section class="part" id="log">
            <h3>Log @right('see-plant')
                    <a href="/log?asset={{ $asset->id }}">all of it, filtered</a>
                @endright
            </h3><x-log :lines="$log" :more="'/assets/' . $asset->id" />
        </section>
    </div>
    <nav class="toc" aria-label="Sections">
        @foreach ($sections as $section)
            <a href="#{{ Str::slug($section['title']) }}" hx-boost="false">{{ $section['title'] }}
                <i>{{ $section['count'] }}</i></a>
        @endforeach
        <a href="#facts" hx-boost="false">
            Facts</a>
        @can('update', $asset)
            <a href="#change" hx-boost="false">Change</a>
        @endcan
        <a href="#inside" hx-boost="false">Inside it <i>{{ count($inside) ?: '' }}</i></a><a
            href="#log" hx-boost="false">Log</a>
    </nav>
</div>
