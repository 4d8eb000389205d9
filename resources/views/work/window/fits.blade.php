<x-section title="Fits into {{ $length }}" id="fits">
    @if ($fits === [])
        <p class="quiet">No approved order on {{ $asset->name }} fits.</p>
    @else
        <form method="post" action="/assets/{{ $asset->id }}/window">@csrf<input type="hidden"
                name="from" value="{{ $from }}"><input type="hidden" name="for"
                value="{{ $length }}">
            @include('work.window.lines', ['lines' => $fits, 'ticked' => true])
            <button class="btn strong">Take them</button>
        </form>
    @endif
    @if ($visits > 0)
        <p class="small"><a
                href="/assets/{{ $asset->id }}/together">{{ $w->count($visits, 'visit is', 'visits are') }}
                due or near here</a> and {{ $visits === 1 ? 'has' : 'have' }} no order yet.</p>
    @endif
</x-section>
@if ($left !== [])
    <x-section title="Ready, and does not fit" id="left">
        @include('work.window.lines', ['lines' => $left, 'ticked' => false])
    </x-section>
@endif
