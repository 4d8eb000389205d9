<div class="head bare">
    <div>
        <h2>New asset</h2>
        <div class="meta">Name it, say what it is and where it stands; the rest is filled in on its
            sheet.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($classes->isEmpty() || $standings === [])
            <div class="note">An asset stands at a location and has an equipment class.
                {{ $standings === [] ? 'There is no location yet.' : 'There is no class yet.' }}
                @if ($standings === [])
                    <a href="/places/new">Add the first location</a>
                    @endif @if ($classes->isEmpty())
                        @can('write-register')
                            <a href="/setup/classes">Add the first class</a>
                        @endcan
                    @endif
            </div>
        @endif
        <form class="form" method="post" action="/assets">@csrf
            <div class="pair"><x-field name="name" label="Name" required autofocus /><x-field
                    name="tag" label="Tag" required
                    hint="As on the plate of the machine; unique at this site." /></div>
            <div class="pair"><x-field name="class_id" label="Class" type="select" required
                    hx-get="/assets/new/needed" hx-trigger="change" hx-target="#needed"
                    hx-swap="innerHTML" hx-push-url="false">
                    <option value="">choose</option>
                    @foreach ($classes as $class)
                        <x-option name="class_id" :value="$class->id">{{ $class->name }}</x-option>
                    @endforeach
                </x-field><x-field name="stands" label="Stands at or inside (tag)" required
                    list="standings" :value="$inside" autocomplete="off"
                    hint="The tag of a location, or of the asset that it is a part of." /></div>
            @include('register.standings')
            <div class="pair" id="needed">@include('register.assets.needed')</div>
            <div class="foot-buttons"><button class="btn strong">Add the asset</button><a
                    class="btn" href="/assets">Back</a></div>
        </form>
    </div>
</div>
