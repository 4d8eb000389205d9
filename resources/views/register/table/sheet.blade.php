@php
    $with = fn(array $change, string $to = '/assets/table') => ($q = http_build_query(
        array_filter(array_merge($query, $change), fn($v) => $v !== null && $v !== '' && $v !== []),
    )) === ''
        ? $to
        : "{$to}?{$q}";
    $back = Str::after($with(['page' => $page > 1 ? $page : null]), '/assets/table');
    $mayEdit = App\Platform\Access\Rights::has(Sundial\Access\Right::WriteRegister);
@endphp

<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Assets as a table <span
                class="quiet">{{ $found === $total ? $total : "{$found} of {$total}" }}</span></h2>
        @if ($found < $total)
            <div class="meta"><span>These filters hide
                    {{ $w->count($total - $found, 'asset') }}.</span><a href="/assets/table">Show
                    all</a></div>
        @endif
    </div>
    <div class="acts"><a class="btn slim" href="{{ $with([], '/labels') }}">Labels</a><a
            class="btn slim" href="{{ $with([], '/assets/table.csv') }}" hx-boost="false">CSV</a><a
            class="btn slim" href="{{ $with([], '/assets/table.json') }}" hx-boost="false">JSON</a>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
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
                    'life' => [
                        'Life state',
                        array_column(Sundial\Register\LifeState::cases(), 'value'),
                    ],
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
        <div class="buttons beneath">
            @foreach ($saved as $one)
                @php
                    $queryWords = http_build_query(json_decode($one->query, true));
                    $meWords = $one->user_id === $me ? '' : " ({$one->owner})";
                @endphp
                <span class="saved"><a class="btn slim"
                        href="/assets/table?{{ $queryWords }}">{{ $one->name }}{{ $meWords }}</a>
                    @if ($one->user_id === $me)
                        <form method="post" action="/assets/table/filters/{{ $one->id }}">
                            @csrf
                            @method('delete')<input type="hidden" name="back"
                                value="{{ $back }}"><button class="btn slim"
                                aria-label="Forget the filter {{ $one->name }}">×</button>
                        </form>
                    @endif
                </span>
            @endforeach
            @if ($filter !== [])
                <details class="menu-like">
                    <summary class="btn slim">Save this filter</summary>
                    <form class="inline-form" method="post" action="/assets/table/filters">
                        @csrf<input type="hidden" name="back" value="{{ $back }}">
                        <div class="field"><label>Name<br><input name="name" required
                                    maxlength="60"></label></div>
                        <label><input type="checkbox" name="shared" value="1"> for everybody
                            here</label><button class="btn slim strong">Save it</button>
                    </form>
                </details>
            @endif
            <details class="menu-like">
                <summary class="btn slim">Columns</summary>
                <form method="post" action="/assets/table/columns">@csrf<input type="hidden"
                        name="back" value="{{ $back }}">
                    <div class="column-choice">
                        @foreach ([...$shown, ...array_diff_key($all, $shown)] as $column)
                            <div><label><input type="checkbox" name="columns[]"
                                        value="{{ $column->key }}" @checked(isset($shown[$column->key]))>
                                    {{ $column->label }}</label><input type="number"
                                    name="order[{{ $column->key }}]"
                                    value="{{ $loop->iteration }}" min="1" max="99"
                                    aria-label="Place of {{ $column->label }}"></div>
                        @endforeach
                    </div>
                    <button class="btn slim strong">Keep these columns</button>
                </form>
            </details>
        </div>
        @if ($rows === [])
            <p class="quiet">{{ $total === 0 ? 'The register is empty.' : 'No asset matches.' }}
            </p>
        @else
            <form method="post" action="/assets/table/preview">@csrf<input type="hidden"
                    name="back" value="{{ $back }}">
                <div class="scroll">
                    <table class="dense wide">
                        <thead>
                            <tr>
                                @if ($mayEdit)
                                    <th><span class="hush">chosen</span></th>
                                    @endif @foreach ($shown as $column)
                                        @php
                                            $keyWords =
                                                $sort === $column->key
                                                    ? 'ascending'
                                                    : ($sort === "-{$column->key}"
                                                        ? 'descending'
                                                        : 'none');
                                        @endphp
                                        <th @class(['r' => $column->isNumber()])
                                            aria-sort="{{ $keyWords }}">
                                            @php
                                                $keyWords2 = $with([
                                                    'sort' =>
                                                        $sort === $column->key
                                                            ? "-{$column->key}"
                                                            : $column->key,
                                                    'page' => null,
                                                ]);
                                                $keyWords3 =
                                                    $sort === $column->key
                                                        ? ' ↑'
                                                        : ($sort === "-{$column->key}"
                                                            ? ' ↓'
                                                            : '');
                                            @endphp
                                            <a
                                                href="{{ $keyWords2 }}">{{ $column->label }}{{ $keyWords3 }}</a>
                                        </th>
                                    @endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($rows as $row)
                                <tr>
                                    @if ($mayEdit)
                                        <td><input type="checkbox" name="assets[]"
                                                value="{{ $row->id }}"
                                                aria-label="Choose {{ $row->tag ?? "asset {$row->id}" }}">
                                        </td>
                                        @endif @foreach ($shown as $column)
                                            @php
                                                $text = App\Register\Table\AssetTable::shown(
                                                    $column,
                                                    $row->{$column->key},
                                                );
                                            @endphp
                                            <td @class(['r' => $column->isNumber(), 'tag' => $column->key === 'tag'])>
                                                @if (in_array($column->key, ['tag', 'name'], true) || $loop->first)
                                                    @php
                                                        $textWords = $text === '' ? '—' : $text;
                                                    @endphp
                                                    <a
                                                        href="/assets/{{ $row->id }}">{{ $textWords }}</a>
                                                @elseif ($column->kind === 'nearness' && $text !== '')
                                                    <span
                                                        class="w {{ str_replace(' ', '-', $text) }}">{{ $text }}</span>
                                                @elseif ($column->kind === 'date' && $text !== '')
                                                    {{ $w->day($text) }}
                                                @elseif ($column->kind === 'instant' && $text !== '')
                                                    <span
                                                        class="w late">{{ $w->instant($text) }}</span>
                                                @elseif ($column->kind === 'count' && $text === '0')
                                                    <span
                                                        class="quiet">·</span>@else{{ $text }}
                                                @endif
                                            </td>
                                        @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($mayEdit)
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
                        <div class="field"><label>As typed<br><input name="value"
                                    maxlength="500" autocomplete="off"></label></div>
                        <label><input type="checkbox" name="everything" value="1"> all
                            {{ $found }} that
                            match</label><button class="btn">See what would change</button>
                    </fieldset>
                @endif
            </form>
            @if ($more)
                <a class="btn" href="{{ $with(['page' => $page + 1]) }}">Next
                    {{ App\Register\Table\AssetTable::PER_PAGE }}</a>
                @endif @if ($page > 1)
                    <a class="btn"
                        href="{{ $with(['page' => $page > 2 ? $page - 1 : null]) }}">Back to the
                        {{ App\Register\Table\AssetTable::PER_PAGE }} before</a>
                @endif
            @endif
    </div>
</div>
