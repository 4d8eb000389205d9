                <section class="part" x-data="listEditor">
                    <h3>Steps <span class="aside quiet">what is done, for how many minutes, what to
                            beware of, and what
                            is asked; drag a number to move its step. A choice that ends with “!”
                            counts as a
                            failure.</span></h3>
                    <ol class="stepper by-hand" data-list>
                        @foreach ($steps as $i => $step)
                            @php
                                $detail = $step['detail'] ?? '';
                            @endphp

                            <li><span class="position">{{ $i + 1 }}</span>
                                <div><input name="steps[{{ $i }}][text]"
                                        value="{{ $step['text'] ?? '' }}"
                                        aria-label="Text of step {{ $i + 1 }}" maxlength="250"
                                        @if ($errors->has("steps.{$i}.text")) aria-invalid="true" @endif>
                                    <textarea name="steps[{{ $i }}][detail]" aria-label="Details of step {{ $i + 1 }}"
                                        placeholder="details" rows="1">{{ $detail }}</textarea>
                                    <input class="safety-in"
                                        name="steps[{{ $i }}][safety]"
                                        value="{{ $step['safety'] ?? '' }}"
                                        aria-label="Safety note of step {{ $i + 1 }}"
                                        placeholder="safety note">
                                    <div class="asks"><label>asks for <select class="answer"
                                                name="steps[{{ $i }}][answer]"
                                                aria-label="Answer of step {{ $i + 1 }}"
                                                data-initial="tick">
                                                @foreach ($lists->answers() as $kind)
                                                    <option value="{{ $kind->value }}"
                                                        @selected(($step['answer'] ?? 'tick') === $kind->value)>
                                                        {{ $kind->words() }}</option>
                                                @endforeach
                                            </select>
                                        </label><label class="if-unit">in <input
                                                name="steps[{{ $i }}][unit]"
                                                value="{{ $step['unit'] ?? '' }}" size="6"
                                                maxlength="20"
                                                aria-label="Unit of step {{ $i + 1 }}"
                                                placeholder="unit"></label><label
                                            class="if-limits">from <input
                                                name="steps[{{ $i }}][low]"
                                                value="{{ $step['low'] ?? '' }}" size="5"
                                                inputmode="decimal"
                                                aria-label="Lower limit of step {{ $i + 1 }}"
                                                placeholder="any"
                                                @if ($errors->has("steps.{$i}.low")) aria-invalid="true" @endif></label><label
                                            class="if-limits">to <input
                                                name="steps[{{ $i }}][high]"
                                                value="{{ $step['high'] ?? '' }}" size="5"
                                                inputmode="decimal"
                                                aria-label="Upper limit of step {{ $i + 1 }}"
                                                placeholder="any"
                                                @if ($errors->has("steps.{$i}.high")) aria-invalid="true" @endif></label><label
                                            class="if-choices"><input
                                                name="steps[{{ $i }}][choices]"
                                                value="{{ $step['choices'] ?? '' }}" size="26"
                                                maxlength="500"
                                                aria-label="Choices of step {{ $i + 1 }}"
                                                placeholder="clean, worn, cracked!"
                                                @if ($errors->has("steps.{$i}.choices")) aria-invalid="true" @endif></label><label
                                            class="tickable"><input type="checkbox"
                                                name="steps[{{ $i }}][each_asset]"
                                                value="1" @checked($step['each_asset'] ?? false)
                                                aria-label="Step {{ $i + 1 }} is done for each asset of a round">
                                            for each asset of a round</label></div>
                                </div><input type="number" min="0" max="9999"
                                    name="steps[{{ $i }}][minutes]"
                                    value="{{ $step['minutes'] ?? '' }}"
                                    aria-label="Minutes of step {{ $i + 1 }}"
                                    placeholder="min"><span class="buttons"><select class="level"
                                        name="steps[{{ $i }}][level]"
                                        aria-label="Level of step {{ $i + 1 }}"
                                        data-initial="1"
                                        @if (count($levels) === 0) hidden @endif>
                                        @foreach ($levels === [] ? [1 => 'every visit'] : $levels as $multiple => $name)
                                            <option value="{{ $multiple }}"
                                                @selected((int) ($step['level'] ?? 1) === $multiple)>
                                                {{ $name }}</option>
                                        @endforeach
                                    </select>
                                    <button type="button" class="btn slim" x-on:click="up"
                                        aria-label="Move step {{ $i + 1 }} up">↑</button><button
                                        type="button" class="btn slim" x-on:click="remove"
                                        aria-label="Take away step {{ $i + 1 }}">×</button></span>
                            </li>
                        @endforeach
                    </ol>
                    <button type="button" class="btn slim" x-on:click="add">Add a step</button>
                </section>
