                    <p><span data-rule="interval weekdays nth"><span class="lead-in">first on or
                                after</span> <input type="date" name="anchor_on"
                                value="{{ $form->get('anchor_on') }}" aria-label="First date"
                                {{ $bad('anchor_on') }}> <span class="lead-in">;
                            </span></span><span class="lead-in">last done</span> <input type="date"
                            name="last_done_on" value="{{ $form->get('last_done_on') }}"
                            aria-label="Last done" {{ $bad('last_done_on') }}> <span
                            class="quiet small">if it was</span>
                    </p>
                    <p data-rule="interval weekdays nth">A date on a non-working day <select
                            name="non_working" aria-label="Non-working days">
                            @foreach ($form->moves() as $key => $text)
                                <option value="{{ $key }}" @selected($form->get('non_working', 'keep') === $key)>
                                    {{ $text }}
                                </option>
                            @endforeach
                        </select>
                    </p>
                    <p data-rule="interval usage">When late, carry over <select name="late_share"
                            aria-label="Share of lateness">
                            @foreach ($form->shares() as $n => $name)
                                <option value="{{ $n }}" @selected((int) $form->get('late_share', 0) === $n)>
                                    {{ $name }}
                                </option>
                            @endforeach
                        </select>
                        ; when early, <select name="early_share" aria-label="Share of earliness">
                            @foreach ([0, 25, 50, 75, 100] as $n)
                                <option value="{{ $n }}" @selected((int) $form->get('early_share', 0) === $n)>
                                    {{ $n }}
                                    %</option>
                            @endforeach
                        </select>
                    </p>
                    <p>Make the order <input type="number" name="lead" min="0"
                            max="999" value="{{ $form->get('lead', 5) }}" aria-label="Lead"
                            required {{ $bad('lead') }}> <select name="lead_unit"
                            aria-label="Unit of the lead">
                            <option value="days" @selected($form->get('lead_unit') === 'days')>days before
                            </option>
                            <option value="percent" @selected($form->get('lead_unit') === 'percent')>% of the interval
                                before</option>
                        </select> <label class="day"><input type="checkbox"
                                name="approve_at_once" value="1"
                                @checked($form->isApproved($errors->any()))>approved at once</label></p>
