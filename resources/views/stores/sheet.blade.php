<x-sheet :title="$part->name" :offers="$offers">
    <x-slot:crumbs><a class="only-narrow" href="/parts">‹ All parts</a></x-slot:crumbs>
    <x-slot:meta>
        <span class="tag">{{ $part->number }}</span><span>counted in
            <b>{{ $part->unit }}</b></span>
        @if ($part->retired)
            <span class="w">no longer used</span>
        @endif
    </x-slot:meta>
    <x-slot:acts>
        @right('write-parts')
            <a class="btn" href="/parts/{{ $part->id }}/edit">Edit</a>
        @endright
    </x-slot:acts>
    <x-section title="Facts" id="facts">
        <dl class="facts">
            @if ($seesPrices)
                <div>
                    <dt>price of one</dt>
                    <dd>{{ $part->price === null ? '—' : $w->price($part->price) . " {$part->currency}" }}
                    </dd>
                </div>
            @endif
            <div>
                <dt>supplier</dt>
                <dd>
                    @if ($part->supplier)
                        <a
                            href="/suppliers/{{ $part->supplier->id }}">{{ $part->supplier->name }}</a>
                    @else
                        —
                    @endif
                </dd>
            </div>
            <div>
                <dt>note</dt>
                <dd>{{ $part->note ?? '—' }}</dd>
            </div>
        </dl>
    </x-section>
    <x-section title="Fits" id="fits">
        @if ($fits->isEmpty())
            <p class="quiet small">It stands on no spare-parts list of this site.</p>
        @else
            <table>
                <thead>
                    <tr>
                        <th>where</th>
                        <th class="r">fitted</th>
                        <th class="drop">note</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($fits as $fit)
                        <tr>
                            <td>
                                @if ($fit->asset)
                                    <a
                                        href="/assets/{{ $fit->asset_id }}">{{ $fit->asset->name }}</a>
                                    <span class="tag">{{ $fit->asset->tag }}</span>
                                @else
                                    every {{ $fit->class?->name }}
                                @endif
                            </td>
                            <td class="r">{{ $fit->fitted() }}</td>
                            <td class="drop">{{ $fit->note }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </x-section>
    @foreach ($sections as $section)
        <section class="part" id="{{ Str::slug($section['title']) }}">
            @include($section['view'], $section['data'])</section>
    @endforeach
    <x-section title="Log" id="log"><x-log :lines="$log" /></x-section>
</x-sheet>
