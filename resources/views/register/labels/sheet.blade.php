<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Labels</h2>
        <div class="meta"><span>A scanned label opens its asset. The code under the tag stays the
                same when the tag
                changes.</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/labels">
            <div class="field"><label>Place<br><select name="place">
                        <option value="">the whole site</option>
                        @foreach ($places as $one)
                            <option value="{{ $one->id }}" @selected($place === (string) $one->id)>
                                {{ $one->name }}
                            </option>
                        @endforeach
                    </select>
                </label></div><button class="btn">Show</button>
            @if ($only !== '' || $filtered)
                <a class="btn" href="/labels">All assets</a>
            @endif <a class="btn" href="/assets/table">Choose by any filter,
                in the table</a>
        </form>
        @if ($assets->isEmpty())
            <p class="quiet">No asset stands here.</p>
        @else
            <form method="post" action="/labels" target="_blank" hx-boost="false">@csrf
                @foreach (['assets', 'size'] as $key)
                    @error($key)
                        <p class="error" role="alert">{{ $message }}</p>
                    @enderror
                @endforeach
                <div class="inline-form">
                    <div class="field"><label>Sheet of labels<br><select name="size">
                                @foreach ($sizes as $size)
                                    <option>{{ $size }}</option>
                                @endforeach
                            </select>
                        </label></div><button class="btn strong">Make the PDF</button>
                </div>
                @if ($more)
                    <p class="quiet small">The first {{ $assets->count() }} are shown. Choose a
                        place to see the others.
                    </p>
                @endif
                <fieldset>
                    <legend>Which assets</legend>
                    <div class="label-choice">
                        @foreach ($assets as $asset)
                            <label><input type="checkbox" name="assets[]"
                                    value="{{ $asset->id }}" checked> <span
                                    class="tag">{{ $asset->tag }}</span> {{ $asset->name }}
                                <code>{{ $code($asset->id) }}</code></label>
                        @endforeach
                    </div>
                </fieldset>
            </form>
        @endif
    </div>
</div>
