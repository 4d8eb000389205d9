                    <fieldset class="inline-form bulk">
                        <legend>Set for the chosen ones</legend>
                        <div class="field"><label>What<br><select name="set">
                                    <option value="">choose</option>
                                    @php
                                        $inRows = [
                                            'team_id' => ['team', $choices['teams']],
                                            'cost_centre_id' => [
                                                'cost centre',
                                                $choices['centres'],
                                            ],
                                            'supplier_id' => ['supplier', $choices['suppliers']],
                                            'class_id' => ['class', $choices['classes']],
                                            'criticality' => [
                                                'criticality',
                                                ['A' => 'A', 'B' => 'B', 'C' => 'C'],
                                            ],
                                            'life_state' => [
                                                'life state',
                                                [
                                                    'in service' => 'in service',
                                                    'standby' => 'standby',
                                                    'out of service' => 'out of service',
                                                ],
                                            ],
                                        ];
                                    @endphp
                                    @foreach ($inRows as $key => [$label, $options])
                                        <optgroup label="{{ $label }}">
                                            @foreach ($options as $id => $name)
                                                <option
                                                    value="{{ $key }}={{ $id }}">
                                                    {{ $label }}: {{ $name }}
                                                </option>
                                            @endforeach
                                            @unless (in_array($key, ['class_id', 'criticality', 'life_state'], true))
                                                <option value="{{ $key }}=">
                                                    {{ $label }}: nothing
                                                </option>
                                            @endunless
                                        </optgroup>
                                    @endforeach
                                    @foreach ($fields as $column)
                                        @if (in_array($column->field->type->value, ['choice', 'yes or no'], true))
                                            <optgroup label="{{ $column->label }}">
                                                @foreach ($column->field->choices ?? ['yes', 'no'] as $choice)
                                                    <option
                                                        value="{{ $column->key }}={{ $choice }}">
                                                        {{ $column->label }}: {{ $choice }}
                                                    </option>
                                                @endforeach
                                                <option value="{{ $column->key }}=">
                                                    {{ $column->label }}: nothing</option>
                                            </optgroup>
                                        @endif
                                    @endforeach
                                    <optgroup label="as typed beside">
                                        @foreach (['make' => 'make', 'model' => 'model'] as $key => $label)
                                            <option value="{{ $key }}">
                                                {{ $label }}</option>
                                            @endforeach @foreach ($fields as $column)
                                                @if (!in_array($column->field->type->value, ['choice', 'yes or no', 'document'], true))
                                                    <option value="{{ $column->key }}">
                                                        {{ $column->label }}</option>
                                                @endif
                                            @endforeach
                                    </optgroup>
                                </select></label></div>
                        <div class="field"><label>As typed<br><input name="value" maxlength="500"
                                    autocomplete="off"></label></div>
                        <label><input type="checkbox" name="everything" value="1"> all
                            {{ $found }} that
                            match</label><button class="btn">See what would change</button>
                    </fieldset>
