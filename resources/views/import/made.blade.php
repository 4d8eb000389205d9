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
                                                            '…',
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
