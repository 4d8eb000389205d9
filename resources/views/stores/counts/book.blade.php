<section class="part" id="book">
    <h3>Book it</h3>
    <form class="form" method="post" action="{{ $by }}/booked">@csrf
        <div class="pair">
            <x-field name="reason" label="Why it differs" maxlength="250"
                hint="Needed where a difference is big, and then somebody else has seen it." />
            @include('stores.part.second')
        </div>
        <button class="btn strong">{{ $bookSays }}</button>
    </form>
</section>
