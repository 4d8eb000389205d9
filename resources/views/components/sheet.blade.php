@props(['title', 'offers' => [], 'whole' => true])
<div class="head">
    {{ $dial ?? '' }}
    <div>
        <div class="crumbs">{{ $crumbs ?? '' }}</div>
        <h2>{{ $title }}</h2>
        <div class="meta">{{ $meta ?? '' }}</div>
    </div>
    <div class="acts">
        @foreach ($offers as $offer)
            @if ($offer['post'] ?? false)
                <form method="post" action="{{ $offer['href'] }}">@csrf<button
                        class="btn">{{ $offer['label'] }}</button></form>
            @else
                <a class="btn" href="{{ $offer['href'] }}">{{ $offer['label'] }}</a>
            @endif
        @endforeach
        {{ $acts ?? '' }}
    </div>
</div>
<div @class(['body', 'whole' => $whole])>
    <div class="secs"><x-said />
        {{ $slot }}
    </div>
</div>
