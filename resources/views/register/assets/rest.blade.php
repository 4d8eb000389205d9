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
