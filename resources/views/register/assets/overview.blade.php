<div class="overview skies"><x-said />
    @include('frame.rest')
</div>
