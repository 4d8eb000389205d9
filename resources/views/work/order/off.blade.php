@if ($mayPlan)
    <form class="off" method="post"
        action="{{ $by }}/plan/{{ $kind }}/{{ $id }}">@csrf
        @method('delete')<button class="btn slim"
            aria-label="Take {{ $what }} off the plan">take off</button></form>
@endif
