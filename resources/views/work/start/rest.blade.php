<div class="two">
    @include('work.start.backlog')
    @include('work.start.waits')
</div>
<p class="small">
    @can('release')
        <a href="/release">What would a release make today?</a> ·
    @endcan
    @can('see-costs')
        <a href="/costs">What it cost</a> ·
    @endcan
    <a href="/requests">Requests</a> · <a href="/shutdowns">Shutdowns</a> · <a href="/claims">Warranty
        claims</a>
    @can('plan-orders')
        · <a href="/window">It stands for a while</a>
    @endcan
</p>
