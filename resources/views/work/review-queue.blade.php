<x-sheet title="Review">
    <x-slot:crumbs><a href="/orders">Work</a></x-slot:crumbs>
    <x-slot:meta><span><b>{{ count($lines) }}</b> done and waiting, the longest
            first</span><span><kbd>↓</kbd> <kbd>↑</kbd> next, before</span><span><kbd>c</kbd>
            close</span><span><kbd>s</kbd> send back</span><span><kbd>Enter</kbd>
            open</span></x-slot:meta>
    @foreach (['orders', 'review', 'stale', 'form', 'note', 'reason'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($lines === [])
        <p class="empty">Nothing waits for a review. What is finished comes here, and what was done
            as
            planned can be closed together.</p>
    @endif
    @if (count($clean) > 1)
        <form method="post" action="/orders/review" class="form">@csrf
            @foreach ($clean as $line)
                <input type="hidden" name="orders[]" value="{{ $line->order->id }}">
            @endforeach
            <button class="btn strong">Close the {{ count($clean) }} that were done as
                planned</button>
        </form>
    @endif
    <ul class="review" data-review>
        @foreach ($lines as $line)
            @include('work.review-line')
        @endforeach
    </ul>
</x-sheet>
