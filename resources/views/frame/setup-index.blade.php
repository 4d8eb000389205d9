<div class="filters">
    <h1>Setup</h1>
</div>
<div class="rows">
    @foreach ($frame->setup() as $page)
        <a class="row-line" href="/setup/{{ $page->key }}" data-record="/setup/{{ $page->key }}"
            hx-target="#page"><svg class="dial" width="26" height="26" viewBox="0 0 100 100"
                aria-hidden="true">
                <line class="ground" x1="2" y1="56" x2="98" y2="56"
                    stroke-width="4" />
            </svg><span><span class="n"><b>{{ $page->title }}</b></span><span
                    class="w">{{ $page->what }}</span></span></a>
    @endforeach
</div>
