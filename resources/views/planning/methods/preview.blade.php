<div class="head bare">
    <div>
        <div class="crumbs"><a href="/methods/{{ $method->id }}">{{ $method->name }}</a></div>
        <h2>As it is worked</h2>
        <div class="meta">Revision {{ $revision->number }}, {{ $revision->state }}, as a technician
            sees it on a phone.
            Nothing here is kept.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs">
        @if ($ladder)
            <form class="inline-form" method="get" action="/methods/{{ $method->id }}/preview"
                hx-trigger="change">
                <input type="hidden" name="revision" value="{{ $revision->number }}">
                <div class="field"><label>A visit of level <select name="level">
                            @foreach ($ladder->names as $multiple => $name)
                                <option value="{{ $multiple }}" @selected($multiple === $level)>
                                    {{ $name }}
                                </option>
                            @endforeach
                        </select>
                    </label></div><noscript><button class="btn slim">Show</button></noscript>
            </form>
        @endif
        <div class="phone">
            <h3>{{ $method->name }}</h3>
            @if ($revision->tools)
                <p class="small"><span class="quiet">Tools:</span>
                    {{ str_replace("\n", ', ', $revision->tools) }}</p>
            @endif
            @if ($revision->precautions)
                <fieldset>
                    <legend>Confirm before the work starts</legend>
                    <div class="choices upright">
                        @foreach (explode("\n", $revision->precautions) as $one)
                            <label><input type="checkbox"> {{ $one }}</label>
                        @endforeach
                    </div>
                </fieldset>
            @endif
            <ol class="steps">
                @foreach ($steps as $step)
                    <li><span class="position">{{ $loop->iteration }}</span>
                        <div>{{ $step->text }}@if ($step->each_asset)
                                <span class="tag">each asset</span>
                                @endif @if ($step->detail)
                                    <div class="detail">{{ $step->detail }}</div>
                                    @endif @if ($step->safety)
                                        <div class="safety">{{ $step->safety }}</div>
                                        @endif @if ($step->answer->value !== 'tick')
                                            <x-ask :step="$step" />
                                        @endif
                        </div>
                        <span
                            class="r quiet">{{ $step->minutes ? $w->minutes($step->minutes) : '' }}</span>
                    </li>
                @endforeach
            </ol>
        </div>
    </div>
</div>
