                    <fieldset class="inline-form bulk">
                        <legend>Set for the chosen ones</legend>
                        <div class="field"><label>What<br><select name="set">
                                    <option value="">choose</option>
                                    @foreach ($settable as $one)
                                        <optgroup label="{{ $one->label }}">
                                            @foreach ($one->options as $value => $name)
                                                <option
                                                    value="{{ $one->key }}={{ $value }}">
                                                    {{ $one->label }}: {{ $name }}
                                                </option>
                                            @endforeach
                                            @if ($one->mayBeEmpty)
                                                <option value="{{ $one->key }}=">
                                                    {{ $one->label }}: nothing
                                                </option>
                                            @endif
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
