<div class="overview">
    <x-said />
    <h2>Rounds</h2>
    <p class="lead">Assets that one person walks in order, with one order for all of them. The
        steps of its method are
        done once for the round, or once for each asset.</p>
    @can('write-plans')
        <form class="form" method="post" action="/rounds">@csrf<x-field name="name"
                label="Name of a new round" required /><button class="btn strong">Add the round</button>
        </form>
    @endcan
</div>
