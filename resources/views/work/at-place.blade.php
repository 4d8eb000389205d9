@include('work.section')
@if ($requests->isNotEmpty())
    @include('work.requests.section', ['restrictions' => [], 'mayLift' => false])
@endif
@if ($report)
    <p class="small"><a href="{{ $report }}">Report a fault at this place</a></p>
@endif
