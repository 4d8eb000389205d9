@if ($usualFailure !== null && !$order->failure)
    <form method="post" action="{{ $by }}/failure">@csrf @method('put')
        <input type="hidden" name="version" value="0">
        @foreach ([...$usual, ...$usualFailure->words] as $kind => $word)
            <input type="hidden" name="{{ $kind }}" value="{{ $word }}">
        @endforeach
        <button class="btn">As usual: {{ implode(', ', $usualFailure->words) }}</button>
        <span class="quiet small">recorded {{ $usualFailure->times }} times on machines of its
            class</span>
    </form>
@endif
