<section class="part" id="instead">
    <h3>Instead of it</h3>
    @foreach (['other', 'other_note'] as $key)
        @error($key)
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
    @endforeach
    @if ($instead->isNotEmpty())
        <table>
            <tbody>
                @foreach ($instead as $one)
                    <tr>
                        <td><a href="/parts/{{ $one->id }}">{{ $one->name }}</a> <span
                                class="tag">{{ $one->number }}</span>
                            <span class="quiet small">{{ $one->note }}</span>
                        </td>
                        <td class="r">{{ $w->quantity($one->free) }} {{ $one->unit }} free
                        </td>
                        <td class="quiet">
                            {{ $one->allowed ? "allowed by {$one->allowed_who}" : "proposed by {$one->proposed_who}" }}
                        </td>
                        <td class="r">
                            @right('allow-alternatives')
                                <form class="inline" method="post"
                                    action="{{ $by }}/alternatives/{{ $one->id }}">@csrf
                                    @unless ($one->allowed)
                                        <button class="btn slim" name="allow" value="1">Allow
                                            it</button>
                                    @endunless
                                    <button class="btn slim" name="allow" value="0">Take it
                                        away</button>
                                </form>
                            @endright
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @else
        <p class="quiet small">Nothing is said to do as well.</p>
    @endif
    @if ($proposes)
        <x-move title="Propose one that does as well" :action="$by . '/alternatives'" button="Propose it"
            :fields="['other', 'other_note']">
            <div class="pair">
                <x-field name="other" label="Part number" required autocomplete="off" />
                <x-field name="other_note" label="Remark" maxlength="200" />
            </div>
            <div class="choices field"><label><input type="checkbox" name="both" value="1">
                    Both ways: this one does for that one, too</label></div>
        </x-move>
    @endif
</section>
