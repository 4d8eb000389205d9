<div class="overview">
    <x-said />
    <h2>Schedules</h2>
    <p class="lead">A schedule puts a method on an asset and says when it falls due. Its orders are
        made by themselves
        when their lead has come. Choose one on the left; a new one is added on its asset’s sheet.
    </p>
    @can('release')
        <p><a class="btn" href="/release">What would a release make today?</a></p>
    @endcan
</div>
