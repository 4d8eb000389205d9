<div class="overview"><x-said/>
    <h2>{{ $site->name }}</h2>
    @php($all = array_sum($summary))
    @if ($all === 0)
        <p class="lead">Nothing stands here yet.</p>
        @can('write-register')<p><a class="btn strong" href="/import/register">Load the register from a file</a></p><p class="quiet">Or begin by hand: <a href="/places/new">a location</a>, then <a href="/assets/new">an asset</a>.</p>@endcan
    @else
        <p class="lead">{{ $summary['late'] > 0 ? $w->count($summary['late'], 'asset is', 'assets are').' late. ' : 'Nothing is late. ' }}Choose an asset on the left, or one of these:</p>
        <ul class="tally">
        @foreach (['late' => [1350, 'past their date'], 'due' => [1000, 'today is their day'], 'near' => [850, 'coming up, not released yet'], 'in hand' => [900, 'an open order covers them'], 'clear' => [350, 'nothing to do yet'], 'none' => [0, 'without a schedule']] as $near => [$share, $means])
            <li><a href="/assets?near={{ urlencode($near) }}" hx-target="#index" hx-push-url="true"><x-dial :size="40" :nearness="Sundial\Planning\Nearness::tryFrom($near)" :consumed="$share"/><b>{{ $summary[$near] }}</b><span>{{ $near === 'none' ? '' : "{$near}: " }}{{ $means }}</span></a></li>
        @endforeach
        </ul>
        @can('release')<p><a href="/release">What would a release make today?</a></p>@endcan
    @endif
</div>
