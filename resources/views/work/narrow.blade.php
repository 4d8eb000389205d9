<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a></div>
        <h2>Narrow the list of orders</h2>
        <div class="meta">What is left empty narrows nothing. Keep it under a name to come back to
            it.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($kept->isNotEmpty())
            <x-section title="Kept" id="kept">
                <ul class="words">
                    @foreach ($kept as $one)
                        <li><a href="/orders?{{ $one->address }}">{{ $one->name }}</a>
                            <span
                                class="quiet small">{{ $one->user_id === $me ? '' : "by {$one->owner}" }}</span>
                            @if ($one->user_id === $me)
                                <form class="inline" method="post"
                                    action="/orders/filters/{{ $one->id }}">@csrf
                                    @method('delete')<button class="btn slim"
                                        aria-label="Forget {{ $one->name }}">forget</button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                </ul>
            </x-section>
        @endif
        <form method="get" action="/orders">
            @include('work.narrow-fields')
            <button class="btn strong">Show them</button>
            <button class="btn" formaction="/orders/narrow">Choose these, and keep them</button>
        </form>
        @if ($query !== '')
            <x-section title="Keep this under a name" id="keep">
                <form class="inline-form" method="post" action="/orders/filters">@csrf
                    <input type="hidden" name="back" value="{{ $query }}">
                    <input name="name" maxlength="60" required aria-label="Name of the filter">
                    <label><input type="checkbox" name="shared" value="1"> for
                        everybody</label>
                    <button class="btn slim">Keep it</button>
                    <a class="btn slim" href="/orders?{{ $query }}">Show them</a>
                </form>
            </x-section>
        @endif
    </div>
</div>
