<div class="filters"><h1>Setup</h1></div>
<div class="rows">@foreach (['people' => ['People', 'who works here, and what they may do'], 'teams' => ['Teams', 'people who share work'], 'trades' => ['Trades and rates', 'what an hour costs'], 'sites' => ['Sites', 'zone, currency, days of rest'], 'classes' => ['Equipment classes', 'kinds of assets']] as $key => [$name, $what])
    <a class="row-line" href="/setup/{{ $key }}" data-record="/setup/{{ $key }}" hx-target="#page"><svg class="dial" width="26" height="26" viewBox="0 0 100 100" aria-hidden="true"><line class="ground" x1="2" y1="56" x2="98" y2="56" stroke-width="4"/></svg><span><span class="n"><b>{{ $name }}</b></span><span class="w">{{ $what }}</span></span></a>
@endforeach</div>
