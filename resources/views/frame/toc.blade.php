@if ($rest->toc && !$rest->isAwaited)
    {!! view($rest->toc, $rest->data())->render() !!}
@endif
