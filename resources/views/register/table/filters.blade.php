        <form class="inline-form" method="get" action="/assets/table">
            @if ($sort !== 'tag')
                <input type="hidden" name="sort" value="{{ $sort }}">
            @endif
            <div class="field"><label>Words<br><input type="search" name="q"
                        value="{{ $filter['q'] ?? '' }}" size="14"></label></div>
            @foreach ($filters as $one)
                <div class="field"><label>{{ $one->label }}<br><select
                            name="{{ $one->key }}">
                            <option value="">any</option>
                            @foreach ($one->options as $value => $name)
                                <option value="{{ $value }}" @selected((string) ($filter[$one->key] ?? '') === (string) $value)>
                                    {{ $name }}</option>
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
                                            @foreach ($column->field->choices ?? ['yes', 'no'] as $choice)
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
