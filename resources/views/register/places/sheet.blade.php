<div class="head bare">
    <div>
        <div class="crumbs"><a class="only-narrow" href="/places">‹ All places ·
            </a>{{ $site->name }}@foreach ($crumbs as $crumb)
                › <a href="/places/{{ $crumb['id'] }}">{{ $crumb['name'] }}</a>
            @endforeach
        </div>
        <h2>{{ $location->name }} <span class="tag">{{ $location->tag }}</span></h2>
    </div>
    <div class="acts">
        @foreach ($offers as $offer)
            <a class="btn" href="{{ $offer['href'] }}">{{ $offer['label'] }}</a>
        @endforeach
        @can('write-register')
            <a class="btn" href="/assets/new?inside={{ urlencode($location->tag) }}">Add an asset
                here</a><a class="btn" href="/places/new?inside={{ urlencode($location->tag) }}">Add
                a
                location inside</a>
        @endcan
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($locations !== [])
            <section class="part">
                <h3>Locations inside</h3>
                <table>
                    <tbody>
                        @foreach ($locations as $inner)
                            <tr>
                                <td class="tag">{{ $inner->tag }}</td>
                                <td><a href="/places/{{ $inner->id }}">{{ $inner->name }}</a>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
        <section class="part">
            <h3>Assets here <a href="/assets?place={{ $location->id }}">with all that is inside</a>
            </h3>
            @include('register.inside', [
                'lines' => $inside,
                'none' => 'No asset stands directly here.',
            ])
        </section>
        @foreach ($sections as $section)
            <section class="part" id="{{ Str::slug($section['title']) }}">
                @include($section['view'], $section['data'])</section>
        @endforeach
        @can('update', $location)
            <section class="part form">
                <h3>Edit</h3>
                <form method="post" action="/places/{{ $location->id }}">@csrf @method('put')
                    @php
                        $labelsGiven = ['name' => 'Name', 'tag' => 'Tag'];
                    @endphp
                    <x-version :of="$location" :labels="$labelsGiven" />@include('register.places.form')<button
                        class="btn strong">Save
                        the location</button>
                </form>
            </section>
        @endcan
        <section class="part">
            <h3>Log</h3><x-log :lines="$log" />
        </section>
    </div>
</div>
