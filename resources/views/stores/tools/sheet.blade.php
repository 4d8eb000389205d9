@php
    $by = "/tools/{$tool->id}";
    $until = $tool->calibrated_until;
    $calibrated = $until ? 'calibrated until ' . $w->day($until) : 'needs no calibration';
@endphp
<x-sheet :title="$tool->name">
    <x-slot:crumbs><a href="/parts">Stores</a> › <a href="/tools">Special tools</a> › <span
            class="tag">{{ $tool->number }}</span></x-slot:crumbs>
    <x-slot:meta><span @class(['late-text' => $isLate])>{{ $where }}</span>
        <span @class(['late-text' => $isOver])>{{ $calibrated }}</span>
        @if ($tool->retired)
            <span>no longer used</span>
        @endif
    </x-slot:meta>
    @foreach (['form', 'to_id', 'back_by', 'number', 'version'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($keeps && !$tool->retired)
        @include($shown->loan ? 'stores.tools.back' : 'stores.tools.lend')
    @endif
    @include('stores.tools.bookings')
    @includeWhen($loans->isNotEmpty(), 'stores.tools.loans')
    @if ($keeps)
        <x-section title="What it is" id="facts">
            <p>{{ $tool->note }}</p>
            <details class="act form">
                <summary>Change it</summary>
                <form method="post" action="{{ $by }}">@csrf @method('put')
                    <input type="hidden" name="version" value="{{ $tool->version }}">
                    @include('stores.tools.fields')
                    <div class="choices field"><label><input type="checkbox" name="in_use"
                                value="1" @checked(!$tool->retired)> In use</label></div>
                    <button class="btn">Save the tool</button>
                </form>
            </details>
        </x-section>
    @endif
    <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
</x-sheet>
