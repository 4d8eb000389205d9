                <details class="act" @if (
                    $form->ticked('months') !== [] ||
                        $form->get('tolerance_days') ||
                        $form->get('near_days') ||
                        $form->get('least_gap') ||
                        $form->get('ends_on') ||
                        $errors->hasAny(['ends_on', 'near_days', 'tolerance_days', 'least_gap', 'months'])) open @endif>
                    <summary>More: name, team, season, tolerance, end</summary>
                    <div class="secs">
                        <div class="pair"><x-field name="name" label="Name" :value="$form->typed('name', $schedule->name)"
                                hint="Empty: the method’s name." /><x-field name="team_id"
                                label="Team" type="select">
                                <option value="">that of the asset</option>
                                @foreach ($form->teams as $team)
                                    <option value="{{ $team->id }}"
                                        @selected((string) $form->get('team_id') === (string) $team->id)>
                                        {{ $team->name }}</option>
                                @endforeach
                            </x-field>
                        </div>
                        <fieldset>
                            <legend>Only in these months (none ticked: all year)</legend>
                            <div class="choices">
                                @foreach ($form->months() as $n => $name)
                                    <label><input type="checkbox" name="months[]"
                                            value="{{ $n }}"
                                            @checked(in_array($n, $form->ticked('months'), true))>
                                        {{ $name }}</label>
                                @endforeach
                            </div>
                        </fieldset>
                        <div class="pair"><x-field name="tolerance_days"
                                label="On time within ± days" type="number" min="0"
                                :value="$form->get('tolerance_days')" hint="Empty: 10 % of the interval, at least 1." />
                            <div class="field"><label><input type="checkbox" name="statutory"
                                        value="1" @checked($form->get('statutory'))> Statutory: no
                                    day after
                                    the planned one is on time</label></div><x-field
                                name="near_days" label="Near from, days before" type="number"
                                min="0" :value="$form->get('near_days')"
                                hint="Empty: twice the lead, or 10 %." /><x-field name="least_gap"
                                label="Least gap after completion, days" type="number"
                                min="0" :value="$form->get('least_gap', 0)" /><x-field name="ends_on"
                                label="Ends on" type="date" :value="$form->get('ends_on')" />
                        </div>
                    </div>
                </details>
