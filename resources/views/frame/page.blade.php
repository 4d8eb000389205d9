@if ($hasIndex)
    <section class="index" id="index" aria-label="Index">
        @if ($index)
            {!! view($index[0], $index[1])->render() !!}
        @endif
    </section>
@endif
@include('frame.sheet')
@include('frame.horizon')
@include('frame.awaited')
