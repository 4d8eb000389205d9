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
                                                $sortHref = $address->with([
                                                    'sort' =>
                                                        $sort === $column->key
                                                            ? "-{$column->key}"
                                                            : $column->key,
                                                    'page' => null,
                                                ]);
                                                $sortMark =
                                                    $sort === $column->key
                                                        ? ' ↑'
                                                        : ($sort === "-{$column->key}"
                                                            ? ' ↓'
                                                            : '');
                                            @endphp
                                            <a
                                                href="{{ $sortHref }}">{{ $column->label }}{{ $sortMark }}</a>
                                        </th>
                                    @endforeach
                            </tr>
                        </thead>
