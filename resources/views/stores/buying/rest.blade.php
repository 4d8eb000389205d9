@includeWhen($buys && $stores->isNotEmpty(), 'stores.buying.other')
@include('stores.buying.list', [
    'title' => 'Under way',
    'id' => 'open',
    'some' => $open,
    'none' => 'Nothing is on its way.',
])
@includeWhen($over->isNotEmpty(), 'stores.buying.list', [
    'title' => 'Over',
    'id' => 'over',
    'some' => $over,
    'none' => '',
])
