            <section class="part" id="read">
                <h3>How the file is read</h3>
                <form class="form" method="post" action="/import/files/{{ $import->id }}">@csrf
                    @method('put')
                    <div class="pair">
                        <div class="field"><label for="numbers">Numbers</label><select id="numbers"
                                name="numbers">
                                <option value="point" @selected($style->numbers->value === 'point')>1,204.50:
                                    decimal
                                    point</option>
                                <option value="comma" @selected($style->numbers->value === 'comma')>1.204,50:
                                    decimal
                                    comma</option>
                            </select></div>
                        <div class="field"><label for="dates">Days</label><select id="dates"
                                name="dates">
                                @php
                                    $examples = [
                                        'year first' => '2026-03-31',
                                        'day first' => '31.3.2026 or 31/3/2026',
                                        'month first' => '3/31/2026',
                                    ];
                                @endphp
                                @foreach ($examples as $value => $says)
                                    <option value="{{ $value }}"
                                        @selected($style->dates->value === $value)>
                                        {{ $says }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                        <div class="field"><label for="empty">Empty cells</label><select
                                id="empty" name="empty">
                                <option value="keep">leave what stands</option>
                                <option value="clear" @selected($style->empty->value === 'clear')>clear what
                                    stands
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
