<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a> › <a
                href="{{ $slice->address('/costs', ['under' => null]) }}">Costs of
                {{ $site->name }}</a>
            @foreach ($crumbs as [$path, $name])
                › <a
                    href="{{ $slice->address('/costs', ['under' => $path]) }}">{{ $name }}</a>
            @endforeach
        </div>
        <h2>Costs by {{ $slice->by->label() }}</h2>
        <div class="meta"><span>from <b>{{ $w->day($slice->from) }}</b> to
                <b>{{ $w->day($slice->to) }}</b></span>
            <span>in all <b>{{ $sum[3][0] }}</b></span>
            @if ($through)
                <span>locked through <b>{{ $w->day($through) }}</b></span>
            @endif
        </div>
    </div>
    <div class="acts">
        <a class="btn" href="{{ $slice->address('/costs.csv') }}" hx-boost="false">Orders as CSV</a>
        <button type="button" class="btn" data-print>Print</button>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('month')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @include('work.costs.asked')
        @if ($lines === [])
            <p class="quiet">Nothing was booked in this time{{ $crumbs === [] ? '' : ' here' }}.
                Choose another time, or go up.</p>
        @else
            @include('work.costs.table')
        @endif
        @if ($againstWords)
            <p class="small">{{ $againstWords }}</p>
        @endif
        @include('work.costs.locks')
    </div>
</div>
