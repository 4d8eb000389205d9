<div class="overview"><x-said />
    <h2>Requests</h2>
    <p class="lead">What somebody saw or wants, before it is work. Accept it into an order, merge
        it with one that tells of the same, ask back, or decline it with a reason.</p>
    @if ($waiting === 0)
        <p>None waits.</p>
    @else
        <p>{{ $w->count($waiting, 'request waits', 'requests wait') }}. What is wanted at once
            stands
            first, then what waits longest.</p>
    @endif
    @right('report-stops')
        <p><a class="btn strong" href="/report">Report a fault</a></p>
    @endright
</div>
