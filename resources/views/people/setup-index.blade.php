<div class="filters">
    <h1>Setup</h1>
</div>
<div class="rows">
    @php
        $LifeRows = [
            'people' => ['People', 'who works here, and what they may do'],
            'teams' => ['Teams', 'people who share work'],
            'trades' => ['Trades and rates', 'what an hour costs'],
            'sites' => ['Sites', 'zone, currency, days of rest'],
            'sign-ins' => ['Sign-ins', 'who logged in, and what was tried'],
            'classes' => ['Equipment classes', 'kinds of assets, and their level'],
            'fields' => ['Extra fields', 'what else the register keeps'],
            'units' => ['Units', 'of counters and numbers'],
            'cost-centres' => ['Cost centres', 'where costs are booked'],
            'life-states' => ['Life states', 'what each means'],
        ];
    @endphp
    @php
        // The rest is the same at every site, and for plant administrators.
        $ofSite = ['people', 'teams', 'sites', 'sign-ins'];
        $pages = array_filter(
            $LifeRows,
            fn($key) => in_array($key, $ofSite, true) || Gate::allows('administer-plant'),
            ARRAY_FILTER_USE_KEY,
        );
    @endphp
    @foreach ($pages as $key => [$name, $what])
        <a class="row-line" href="/setup/{{ $key }}" data-record="/setup/{{ $key }}"
            hx-target="#page"><svg class="dial" width="26" height="26" viewBox="0 0 100 100"
                aria-hidden="true">
                <line class="ground" x1="2" y1="56" x2="98" y2="56"
                    stroke-width="4" />
            </svg><span><span class="n"><b>{{ $name }}</b></span><span
                    class="w">{{ $what }}</span></span></a>
    @endforeach
</div>
