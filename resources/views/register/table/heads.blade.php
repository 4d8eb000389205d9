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
