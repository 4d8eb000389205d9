@if ($index)
    <section class="index" id="index" aria-label="Index" hx-swap-oob="true">
        {!! view($index[0], $index[1])->render() !!}
    </section>
@endif
@if ($rest)
    @include('frame.rest', ['oob' => true])
    @if ($rest->toc)
        <div hx-swap-oob="beforeend:#toc">@include('frame.toc')</div>
    @endif
@endif
@if ($asked->hasHorizon())
    @include('frame.horizon', ['oob' => true])
@endif
