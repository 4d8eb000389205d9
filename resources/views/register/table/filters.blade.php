        <form class="inline-form" method="get" action="/assets/table">
            @if ($sort !== 'tag')
                <input type="hidden" name="sort" value="{{ $sort }}">
            @endif
            <div class="field"><label>Words<br><input type="search" name="q"
                        value="{{ $filter['q'] ?? '' }}" size="14"></label></div>
            @php
                $centresRows = [
                    'class' => ['Class', $choices['classes']],
                    'place' => ['Place', $choices['places']],
                    'team' => ['Team', $choices['teams']],
                    'supplier' => ['Supplier', $choices['suppliers']],
                    'centre' => ['Cost centre', $choices['centres']],
                ];
            @endphp
            @foreach ($centresRows as $key => [$label, $options])
                @if ($options->isNotEmpty())
                    <div class="field"><label>{{ $label }}<br><select
                                name="{{ $key }}">
                                <option value="">any</option>
                                @foreach ($options as $id => $name)
                                    <option value="{{ $id }}"
                                        @selected((string) ($filter[$key] ?? '') === (string) $id)>
                                        {{ $name }}</option>
                                @endforeach
                            </select>
                        </label></div>
                @endif
            @endforeach
            @php
                $ARows = [
                    'near' => [
                        'Nearness',
                        ['late', 'due', 'near', 'in hand', 'clear', 'none', 'down'],
                    ],
                    'life' => ['Life state', $lifeStates],
                    'criticality' => ['Criticality', ['A', 'B', 'C']],
                ];
            @endphp
            @foreach ($ARows as $key => [$label, $options])
                <div class="field"><label>{{ $label }}<br><select
                            name="{{ $key }}">
                            <option value="">any</option>
                            @foreach ($options as $option)
                                <option value="{{ $option }}" @selected(($filter[$key] ?? '') === $option)>
                                    {{ $option === 'none' ? 'no schedule' : $option }}</option>
                            @endforeach
                        </select>
                    </label></div>
            @endforeach
            <div class="field"><label>Something runs out by<br><input type="date" name="expiry"
                        value="{{ $filter['expiry'] ?? '' }}"></label></div>
            <button class="btn strong">Filter</button>
            @if ($fields !== [])
                <details class="more-filters" @if (isset($filter['x'])) open @endif>
                    <summary>Filter by extra fields</summary>
                    <div class="inline-form">
                        @foreach ($fields as $column)
                            @php
                                [$id, $type] = [$column->field->id, $column->field->type];
                            @endphp

                            @if ($type->isOrdered())
                                <fieldset class="field">
                                    <legend>{{ $column->label }}</legend>
                                    @foreach (['min' => 'from', 'max' => 'to'] as $end => $word)
                                        <input
                                            type="{{ $type->value === 'date' ? 'date' : 'text' }}"
                                            name="x[{{ $id }}][{{ $end }}]"
                                            value="{{ $filter['x'][$id][$end] ?? '' }}"
                                            aria-label="{{ $column->label }} {{ $word }}"
                                            placeholder="{{ $word }}" size="6">
                                    @endforeach
                                </fieldset>
                            @elseif (in_array($type->value, ['choice', 'yes or no'], true))
                                <div class="field"><label>{{ $column->label }}<br><select
                                            name="x[{{ $id }}]">
                                            <option value="">any</option>
                                            @php
                                                $typeRows =
                                                    $type->value === 'choice'
                                                        ? $column->field->choices
                                                        : ['yes', 'no'];
                                            @endphp
                                            @foreach ($typeRows as $choice)
                                                <option @selected(($filter['x'][$id] ?? '') === $choice)>
                                                    {{ $choice }}</option>
                                            @endforeach
                                        </select>
                                    </label></div>
                            @elseif ($type->value !== 'document')
                                <div class="field"><label>{{ $column->label }}<br><input
                                            name="x[{{ $id }}]"
                                            value="{{ is_string($filter['x'][$id] ?? null) ? $filter['x'][$id] : '' }}"
                                            size="12"></label></div>
                            @endif
                        @endforeach
                    </div>
                </details>
            @endif
        </form>
