@php
    $q = fn(array $change): string => '/stops?' .
        http_build_query($change + ['by' => $by, 'measure' => $measure, 'days' => $days]);
@endphp
@include('stops.start-pareto')
@includeWhen($without->isNotEmpty(), 'stops.start-without')
