        <div class="buttons beneath">
            @foreach ($saved as $one)
                @php
                    $queryWords = $one->address;
                    $meWords = $one->user_id === $me ? '' : " ({$one->owner})";
                @endphp
                <span class="saved"><a class="btn slim"
                        href="/assets/table?{{ $queryWords }}">{{ $one->name }}{{ $meWords }}</a>
                    @if ($one->user_id === $me)
                        <form method="post" action="/assets/table/filters/{{ $one->id }}">
                            @csrf
                            @method('delete')<input type="hidden" name="back"
                                value="{{ $back }}"><button class="btn slim"
                                aria-label="Forget the filter {{ $one->name }}">×</button>
                        </form>
                    @endif
                </span>
            @endforeach
            @if ($filter !== [])
                <details class="menu-like">
                    <summary class="btn slim">Save this filter</summary>
                    <form class="inline-form" method="post" action="/assets/table/filters">
                        @csrf<input type="hidden" name="back" value="{{ $back }}">
                        <div class="field"><label>Name<br><input name="name" required
                                    maxlength="60"></label></div>
                        <label><input type="checkbox" name="shared" value="1"> for everybody
                            here</label><button class="btn slim strong">Save it</button>
                    </form>
                </details>
            @endif
            <details class="menu-like">
                <summary class="btn slim">Columns</summary>
                <form method="post" action="/assets/table/columns">@csrf<input type="hidden"
                        name="back" value="{{ $back }}">
                    <div class="column-choice">
                        @foreach ([...$shown, ...array_diff_key($all, $shown)] as $column)
                            <div><label><input type="checkbox" name="columns[]"
                                        value="{{ $column->key }}" @checked(isset($shown[$column->key]))>
                                    {{ $column->label }}</label><input type="number"
                                    name="order[{{ $column->key }}]"
                                    value="{{ $loop->iteration }}" min="1" max="99"
                                    aria-label="Place of {{ $column->label }}"></div>
                        @endforeach
                    </div>
                    <button class="btn slim strong">Keep these columns</button>
                </form>
            </details>
        </div>
