<div class="head bare">
    <div>
        <h2>New location</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/places">@csrf
            @include('register.places.form', [
                'location' => null,
                'stands' => $inside,
                'operators' => [],
            ])<div class="foot-buttons"><button class="btn strong">Add the
                    location</button><a class="btn" href="/places">Back</a></div>
        </form>
    </div>
</div>
