@include('stops.start-pareto')
@includeWhen($without->isNotEmpty(), 'stops.start-without')
