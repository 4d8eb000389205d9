@if ($rows->isNotEmpty() && ($demand !== [] || $coming->isNotEmpty()))
    <details class="act">
        <summary>What is coming, as a table</summary>
        @include('stores.part.ahead')
    </details>
@endif
@includeWhen($claims->many > 0, 'stores.part.promised')
@includeWhen($hold, 'stores.part.hold')
@includeWhen($stores->isNotEmpty(), 'stores.part.stores')
@includeWhen($keeps && $stores->isNotEmpty(), 'stores.part.moves-forms')
@includeWhen($part->tracked, 'stores.part.lots')
@includeWhen($part->repair_days || $repairs->isNotEmpty(), 'stores.part.repairs')
@includeWhen($rows->isNotEmpty(), 'stores.part.movements')
@include('stores.part.instead')
@include('stores.part.suppliers')
@foreach ($sections as $section)
    <section class="part" id="{{ Str::slug($section['title']) }}">
        @include($section['view'], $section['data'])</section>
@endforeach
@include('stores.part.fits')
@include('stores.part.facts')
@include('fields.section')
<x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
