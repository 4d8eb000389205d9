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
        @include('frame.rest')
    </div>
    <nav class="toc" id="toc" aria-label="Sections">
        @foreach ($sections as $section)
            <a href="#{{ Str::slug($section['title']) }}" hx-boost="false">{{ $section['title'] }}
                <i>{{ $section['count'] }}</i></a>
        @endforeach
        @include('frame.toc')
    </nav>
</div>
