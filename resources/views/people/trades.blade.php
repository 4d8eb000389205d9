<div class="head bare">
    <div>
        <h2>Trades and rates</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @error('rate')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @error('stale')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @foreach ($trades as $trade)
            <section class="part">
                <form class="inline-form" method="post" action="/setup/trades/{{ $trade->id }}">
                    @csrf
                    @method('put')<input type="hidden" name="version"
                        value="{{ $trade->version }}"><input name="name"
                        value="{{ $trade->name }}" aria-label="Name of trade {{ $trade->name }}"
                        required maxlength="60"><button class="btn slim">Rename</button></form>
                @include('people.rates', [
                    'rates' => $trade->rates,
                    'action' => "/setup/trades/{$trade->id}/rates",
                ])
            </section>
        @endforeach
        <form class="inline-form" method="post" action="/setup/trades">@csrf
            <div class="field"><label>New trade<br><input name="name" required
                        maxlength="60"></label></div><button class="btn strong">Add the
                trade</button>
        </form>
    </div>
</div>
