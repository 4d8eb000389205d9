@if ($clock !== null)
    <form method="post" action="/timer/stop">@csrf<button class="btn">Stop my clock, since
            {{ $w->local($clock)->format('H:i') }}</button></form>
@elseif ($mayClock)
    <form method="post" action="{{ $by }}/timer">@csrf<button class="btn">Start my
            clock</button></form>
@endif
