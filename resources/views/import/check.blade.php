@php
    [$made, $changed, $same] = array_map(fn($does) => $plan->that($does), [
        Sundial\Import\RowOutcome::Make,
        Sundial\Import\RowOutcome::Change,
        Sundial\Import\RowOutcome::Nothing,
    ]);
    $names = static fn(string $key): string => isset($columns[$key]) ? $columns[$key]->label : $key;
    $leftOut = $read->leftOut();
    $label = static fn($row): string => isset($row->cells['tag']) &&
    $row->label !== $row->cells['tag'] &&
    !str_starts_with($row->label, $row->cells['tag'] . ' ')
        ? "{$row->cells['tag']} {$row->label}"
        : $row->label;
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/import">Files in and out</a> › <a
                href="/import/{{ $kind->key() }}">{{ $kind->title() }}</a></div>
        <h2>Check of {{ $import->file_name }}</h2>
        <div class="meta"><span>{{ $w->count(count($read->rows), 'row') }} for
                {{ $site->name }}</span><span>nothing
                is loaded yet</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @error('file')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @if ($import->failure)
                <p class="said said-bad" role="alert">{{ $import->failure }}</p>
            @endif
            @if ($plan->problems !== [])
                <div class="note bad"><b>{{ $w->count(count($plan->problems), 'problem') }}; nothing can
                        be loaded yet.</b>
                    Mend {{ count($plan->problems) === 1 ? 'it' : 'them' }} in the file and <a
                        href="/import/{{ $kind->key() }}">choose it again</a>, or say below how its
                    columns and cells are
                    to be read.</div>
                <div class="scroll">
                    <table class="dense">
                        <thead>
                            <tr>
                                <th class="r">row</th>
                                <th>column</th>
                                <th>what is wrong</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach (array_slice($reasons = $plan->reasons(), 0, 100) as $problem)
                                <tr>
                                    <td class="r">{{ $problem['rows'] }}</td>
                                    <td class="tag">{{ $names($problem['column']) }}</td>
                                    <td>{{ $problem['message'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if (count($reasons) < count($plan->problems) || count($reasons) > 100)
                    <p class="quiet">
                        {{ count($reasons) > 100 ? 'And ' . (count($reasons) - 100) . ' more. ' : '' }}One
                        line
                        for each row: <a href="/import/files/{{ $import->id }}/problems"
                            hx-boost="false">as a file</a>.
                    </p>
                @endif
            @elseif ($plan->work() === 0)
                <div class="note">Every row stands as the file says already; there is nothing to load.
                    <a href="{{ $kind->href() }}">See them</a>
                </div>
            @else
                <p class="verdict">The file is good. It would make <b>{{ count($made) }}</b>, change
                    <b>{{ count($changed) }}</b> and leave <b>{{ count($same) }}</b> as
                    {{ count($same) === 1 ? 'it is' : 'they are' }}.
                </p>
                @if ($leftOut !== [])
                    <p class="note">
                        {{ count($leftOut) === 1 ? 'One column is' : count($leftOut) . ' columns are' }}
                        left
                        out, since {{ count($leftOut) === 1 ? 'its name is' : 'their names are' }} not
                        known:
                        <b>{{ implode(', ', $leftOut) }}</b>. Say below what
                        {{ count($leftOut) === 1 ? 'it holds' : 'they hold' }}, if it matters.
                    </p>
                @endif
                <form method="post" action="/import/files/{{ $import->id }}">@csrf<input
                        type="hidden" name="work" value="{{ $plan->work() }}">
                    <div class="foot-buttons"><button class="btn strong">Load
                            {{ $w->count($plan->work(), 'row') }}</button><a class="btn"
                            href="/import/{{ $kind->key() }}">Choose another file</a></div>
                </form>
                @if ($changed !== [])
                    <section class="part">
                        <h3>What would change <small>{{ count($changed) }}</small></h3>
                        <div class="scroll">
                            <table class="dense">
                                <thead>
                                    <tr>
                                        <th class="r">row</th>
                                        <th>which</th>
                                        <th>column</th>
                                        <th>from</th>
                                        <th>to</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach (array_slice($changed, 0, 100) as $row)
                                        @foreach ($row->changes as $key => [$old, $new])
                                            <tr>
                                                <td class="r">{{ $loop->first ? $row->row : '' }}
                                                </td>
                                                <td class="tag">
                                                    {{ $loop->first ? $label($row) : '' }}</td>
                                                <td>{{ $names($key) }}</td>
                                                <td class="w">
                                                    {{ $old === null ? 'nothing' : $columns[$key]->typed($old) }}
                                                </td>
                                                <td>{{ $new === null ? 'nothing' : $columns[$key]->typed($new) }}
                                                </td>
                                            </tr>
                                        @endforeach
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                        @if (count($changed) > 100)
                            <p class="quiet">And {{ count($changed) - 100 }} more rows.</p>
                        @endif
                    </section>
                @endif
                @if ($made !== [])
                    @php
                        $first = collect(array_slice($made, 0, 200));
                        $held = fn($column) => $first->contains(
                            fn($row) => isset($row->cells[$column->key]),
                        );
                        $shown = array_slice(array_filter($columns, $held), 0, 9);
                    @endphp
                    <section class="part">
                        <h3>What would be made <small>{{ count($made) }}</small></h3>
                        <div class="scroll">
                            <table class="dense">
                                <thead>
                                    <tr>
                                        <th class="r">row</th>
                                        @foreach ($shown as $column)
                                            <th>{{ $column->label }}</th>
                                        @endforeach
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach (array_slice($made, 0, 25) as $row)
                                        <tr>
                                            <td class="r">{{ $row->row }}</td>
                                            @foreach ($shown as $column)
                                                <td @class([
                                                    'tag' => in_array($column->key, ['tag', 'place', 'parent'], true),
                                                ])>
                                                    @php
                                                        $keyWords = Str::limit(
                                                            $column->typed(
                                                                $row->cells[$column->key] ?? null,
                                                            ),
                                                            60,
                                                        );
                                                    @endphp
                                                    {{ $keyWords }}
                                                </td>
                                            @endforeach
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                        @if (count($made) > 25)
                            <p class="quiet">And {{ count($made) - 25 }} more.</p>
                        @endif
                    </section>
                @endif
            @endif
            <section class="part" id="read">
                <h3>How the file is read</h3>
                <form class="form" method="post" action="/import/files/{{ $import->id }}">@csrf
                    @method('put')
                    <div class="pair">
                        <div class="field"><label for="numbers">Numbers</label><select id="numbers"
                                name="numbers">
                                <option value="point" @selected($style->numbers->value === 'point')>1,204.50: decimal
                                    point</option>
                                <option value="comma" @selected($style->numbers->value === 'comma')>1.204,50: decimal
                                    comma</option>
                            </select></div>
                        <div class="field"><label for="dates">Days</label><select id="dates"
                                name="dates">
                                @php
                                    $yearRows = [
                                        'year first' => '2026-03-31',
                                        'day first' => '31.3.2026 or 31/3/2026',
                                        'month first' => '3/31/2026',
                                    ];
                                @endphp
                                @foreach ($yearRows as $value => $says)
                                    <option value="{{ $value }}" @selected($style->dates->value === $value)>
                                        {{ $says }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                        <div class="field"><label for="empty">Empty cells</label><select
                                id="empty" name="empty">
                                <option value="keep">leave what stands</option>
                                <option value="clear" @selected($style->empty->value === 'clear')>clear what stands
                                </option>
                            </select></div>
                    </div>
                    @if ($read->header !== [])
                        <div class="scroll">
                            <table class="dense">
                                <thead>
                                    <tr>
                                        <th>column of the file</th>
                                        <th>first values</th>
                                        <th>holds</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach ($read->header as $i => $name)
                                        <tr>
                                            <td><b>{{ $name === '' ? '(no name)' : $name }}</b></td>
                                            <td class="quiet">
                                                {{ implode(' · ', $read->samples[$i] ?? []) }}</td>
                                            @php
                                                $lineWords =
                                                    $name === '' ? 'Column ' . ($i + 1) : $name;
                                            @endphp
                                            <td><select name="column[{{ $i }}]"
                                                    aria-label="{{ $lineWords }} holds">
                                                    <option value="">— left out —</option>
                                                    @php
                                                        $holds =
                                                            $read->mapping->keys[$i] ??
                                                            ($import->mapping[$i] ?? null);
                                                    @endphp

                                                    @foreach ($columns as $column)
                                                        <option value="{{ $column->key }}"
                                                            @selected($holds === $column->key)>
                                                            {{ $column->label }}</option>
                                                    @endforeach
                                                </select>
                                            </td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                    @endif
                    <div class="foot-buttons"><button class="btn">Check it again</button></div>
                </form>
            </section>
        </div>
    </div>
