<div class="head bare">
    <div>
        <div class="crumbs">{{ $site->name }} › <a
                href="/assets/{{ $asset->id }}">{{ $asset->name }}
                {{ $asset->tag }}</a></div>
        <h2>Do together</h2>
        <div class="meta">Visits on it, inside it and on what is stopped with it, done in one order
            on
            {{ $w->weekday($day) }}.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('schedules')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($offers === [])
            <p class="quiet">No visit there is due soon.</p>
        @else
            <form method="post" action="/assets/{{ $asset->id }}/together">@csrf
                @include('work.along', ['checked' => true])<p>
                    <button class="btn strong">Make one order of the chosen ones</button>
                </p>
            </form>
            <p class="quiet small">Each schedule counts on by its own rule; “next would be” is its
                next date, if the
                order is done on that day.</p>
        @endif
    </div>
</div>
