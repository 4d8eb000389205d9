        <section class="part">
            <h3>Steps</h3>
            <ol class="steps">
                @foreach ($revision->steps ?? [] as $step)
                    <li><span class="position">{{ $step->position }}</span>
                        <div>{{ $step->text }}@if ($ladder && $step->level > 1)
                                <span class="tag">from {{ $ladder->name($step->level) }}</span>
                                @endif @if ($step->detail)
                                    <div class="detail">{{ $step->detail }}</div>
                                    @endif @if ($step->safety)
                                        <div class="safety">{{ $step->safety }}</div>
                                        @endif @if ($step->answer->value !== 'tick' || $step->each_asset)
                                            <div class="quiet small">
                                                @php
                                                    $eachAssetWords = $step->each_asset
                                                        ? ($step->answer->value === 'tick'
                                                            ? 'for each asset of a round'
                                                            : '; for each asset of a round')
                                                        : '';
                                                    $limitsWords = $step->question()->limits()
                                                        ? ', ' . $step->question()->limits()
                                                        : ($step->unit
                                                            ? " in {$step->unit}"
                                                            : '');
                                                    $answerWords =
                                                        $step->answer->value === 'tick'
                                                            ? ''
                                                            : 'asks for ' . $step->answer->words();
                                                    $choicesWords = $step->choices
                                                        ? ": {$step->choices}"
                                                        : '';
                                                @endphp
                                                {{ $answerWords }}{{ $limitsWords }}{{ $choicesWords }}{{ $eachAssetWords }}
                                            </div>
                                        @endif
                        </div>
                        <span
                            class="r quiet">{{ $step->minutes ? $w->minutes($step->minutes) : '' }}</span>
                    </li>
                @endforeach
            </ol>
        </section>
