<div class="overview"><x-said />
    <h2>Requests</h2>
    <p class="lead">What somebody saw or wants, before it is work. Accept it into an order, merge
        it
        with one that tells of the same, ask back, or decline it with a reason.</p>
    <p>{{ $waiting === 0 ? 'None waits.' : $w->count($waiting, 'request') . ' wait. The one that waits longest stands first.' }}
    </p>
    @right('report-stops')
        <p><a class="btn strong" href="/report">Report a fault</a></p>
    @endright
</div>
