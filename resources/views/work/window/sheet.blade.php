<x-sheet title="It stands for a while">
    <x-slot:crumbs><a href="/orders">Work</a> › <a href="/shutdowns">Shutdowns</a></x-slot:crumbs>
    <x-slot:meta>What is ready and fits, on what stands, inside it and on what stops with
        it.</x-slot:meta>
    @foreach (['orders', 'from', 'for', 'to_at', 'form'] as $field)
        @error($field)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    <form class="inline-form" method="get" action="/window">
        <div class="field"><label>What stands<br><input name="asset" required maxlength="60"
                    value="{{ $typed }}" placeholder="LM-14"
                    autocapitalize="characters"></label>
        </div>
        <div class="field"><label>From<br><input name="from" type="time" required
                    value="{{ $from }}"></label></div>
        <div class="field"><label>For about<br><input name="for" required size="8"
                    value="{{ $length }}"></label></div>
        @foreach ($free as $trade => $people)
            <div class="field"><label>{{ ucfirst($trade) }}s free<br><input class="turn"
                        type="number" min="0" max="99"
                        name="free[{{ $trade }}]" value="{{ $people }}"></label></div>
        @endforeach
        <button class="btn strong">What fits?</button>
    </form>
    @if ($typed !== '' && $asset === null)
        <p class="said said-bad" role="alert">This site has no asset with the tag or code
            “{{ $typed }}”.</p>
    @endif
    @if ($asset)
        @include('work.window.fits')
    @endif
</x-sheet>
