@if ($claims->many > 0)
    <a href="#promised" hx-boost="false">Promised <i>{{ $w->number($claims->many) }}</i></a>
@endif
@if ($rows->isNotEmpty())
    <a href="#hold" hx-boost="false">How many</a>
@endif
@if ($stores->isNotEmpty())
    <a href="#stores" hx-boost="false">Where it lies <i>{{ $rows->count() ?: '' }}</i></a>
@endif
@if ($rows->isNotEmpty())
    <a href="#moves" hx-boost="false">Movements <i>{{ $moves->count() ?: '' }}</i></a>
@endif
@if ($part->tracked)
    <a href="#lots"
        hx-boost="false">{{ $part->tracked === 'serial' ? 'Serial numbers' : 'Batches' }}
        <i>{{ $lots->count() ?: '' }}</i></a>
@endif
@if ($part->repair_days || $repairs->isNotEmpty())
    <a href="#repairs" hx-boost="false">Out for repair
        <i>{{ $repairs->whereNull('over_on')->count() ?: '' }}</i></a>
@endif
<a href="#instead" hx-boost="false">Instead of it <i>{{ $instead->count() ?: '' }}</i></a>
<a href="#suppliers" hx-boost="false">Suppliers <i>{{ $supplies->count() ?: '' }}</i></a>
@foreach ($sections as $section)
    <a href="#{{ Str::slug($section['title']) }}" hx-boost="false">{{ $section['title'] }}
        <i>{{ $section['count'] ?: '' }}</i></a>
@endforeach
<a href="#fits" hx-boost="false">Fits <i>{{ $fits->count() ?: '' }}</i></a>
<a href="#facts" hx-boost="false">Facts</a>
<a href="#log" hx-boost="false">Log</a>
