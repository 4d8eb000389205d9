                    <p><select name="rule" aria-label="Kind of rule">
                            <option value="interval" @selected($form->get('rule') === 'interval')>at an interval:
                            </option>
                            <option value="weekdays" @selected($form->get('rule') === 'weekdays')>on weekdays:
                            </option>
                            <option value="nth" @selected($form->get('rule') === 'nth')>on the nth weekday:
                            </option>
                            <option value="usage" @selected($form->get('rule') === 'usage')>by use of a meter
                                alone:</option>
                            <option value="condition" @selected($form->get('rule') === 'condition')>by a gauge alone:
                            </option>
                        </select>
                        <span data-rule="nth">on the <select name="nth"
                                aria-label="Which of the month">
                                @foreach ($form->nth() as $n => $name)
                                    <option value="{{ $n }}"
                                        @selected((int) $form->get('nth', 1) === $n)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                            <select name="nth_weekday" aria-label="Weekday of the month">
                                @foreach ($form->weekdays() as $n => $name)
                                    <option value="{{ $n }}"
                                        @selected($form->nthWeekday() === $n)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                            of </span>
                        <span data-rule="interval weekdays nth">every <input type="number"
                                name="every" min="1" max="999"
                                value="{{ $form->get('every', 30) }}" aria-label="Number"
                                {{ $bad('every') }}></span>
                        <span data-rule="interval"><select name="unit" aria-label="Unit">
                                @foreach ($form->units() as $unit)
                                    <option @selected($form->get('unit') === $unit)>{{ $unit }}
                                    </option>
                                @endforeach
                            </select>
                        </span>
                        <span data-rule="weekdays">weeks on @foreach ($form->weekdays() as $n => $name)
                                <label class="day"><input type="checkbox" name="weekdays[]"
                                        value="{{ $n }}"
                                        @checked(in_array($n, $form->ticked('weekdays'), true))>{{ $name }}</label>
                            @endforeach
                        </span>
                        <span data-rule="nth">months</span>
                    </p>
