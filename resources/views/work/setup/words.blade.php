<div class="head bare">
    <div>
        <h2>Words for failures</h2>
        <div class="meta">What one chooses from when a fault is reported and when what failed is
            told. A
            class’s own words stand before those of all.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        <form class="inline-form" method="get" action="/setup/failure-words">
            <div class="field"><label>For<br><select name="class">
                        <option value="">all classes</option>
                        @foreach ($classes as $one)
                            <option value="{{ $one->id }}" @selected($class === $one->id)>
                                {{ $one->name }}</option>
                        @endforeach
                    </select></label></div>
            <button class="btn">Show</button>
        </form>
        @foreach ($lists->failureKinds() as $kind)
            <x-section :title="$kind->label()" :id="'kind-' . $kind->value">
                <ul class="words">
                    @foreach ($words->where('kind', $kind) as $word)
                        <li>{{ $word->word }}
                            <form class="inline" method="post"
                                action="/setup/failure-words/{{ $word->id }}">@csrf
                                @method('delete')<button class="btn slim"
                                    aria-label="Retire {{ $word->word }}, {{ $kind->label() }}">retire</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
                <form class="inline-form" method="post" action="/setup/failure-words">@csrf
                    <input type="hidden" name="kind" value="{{ $kind->value }}"><input
                        type="hidden" name="class_id" value="{{ $class }}"><input
                        name="word" maxlength="60" required
                        aria-label="New word: {{ $kind->label() }}"><button class="btn slim">Add
                        the word</button>
                </form>
            </x-section>
        @endforeach
    </div>
</div>
