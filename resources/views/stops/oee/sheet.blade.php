@php
    $files = $frame->can('report-stops') ? ['/import/output' => 'Load output from a file'] : [];
    $shown = $asked->lineId === null ? null : $lines->firstWhere('id', $asked->lineId);
@endphp
<x-sheet title="Effectiveness">
    <x-slot:crumbs><a
            href="/stops">Stops</a>{{ $shown ? " › {$shown->asset->name}" : '' }}</x-slot:crumbs>
    <x-slot:meta>
        <b>OEE {{ $said->percent($all->oee->oee()) }}</b>
        <span>in {{ $asked->days }} days, before that
            {{ $said->percent($allBefore->oee->oee()) }}</span>
        @if ($said->covered($all->covered()))
            <span class="near-text">{{ $said->covered($all->covered()) }}</span>
        @endif
        @if ($one)
            <span>{{ $one }}</span>
        @endif
    </x-slot:meta>
    <x-slot:acts><x-also name="files" :links="$files"
            export="/stops/oee.{format}?{{ $asked->query() }}" /></x-slot:acts>
    <section class="part" id="added-up">
        <h3>By {{ $asked->by }}
            <span class="aside">
                @foreach ($bys as $by)
                    <a href="{{ $asked->address(['by' => $by]) }}"
                        @if ($asked->by === $by) aria-current="true" @endif>{{ $by }}</a>
                @endforeach
                ·
                @foreach ($spans as $days)
                    <a href="{{ $asked->address(['days' => $days]) }}"
                        @if ($asked->days === $days) aria-current="true" @endif>{{ $days }}
                        d</a>
                @endforeach
            </span>
        </h3>
        @include('stops.oee.line-choice')
        @includeWhen($trend && count($trend['points']) > 1, 'stops.oee.trend')
        @include('stops.oee.table')
    </section>
    @includeWhen($beside, 'stops.oee.beside')
    @includeWhen(count($rows) > 1, 'stops.oee.choose')
    @include('frame.rest')
</x-sheet>
