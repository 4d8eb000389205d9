        @if ($rows === [])
            <p class="quiet">{{ $total === 0 ? 'The register is empty.' : 'No asset matches.' }}
            </p>
        @else
            <form method="post" action="/assets/table/preview">@csrf<input type="hidden"
                    name="back" value="{{ $back }}">
                <div class="scroll">
                    <table class="dense wide">
                        @include('register.table.heads')
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
                                                $text = $column->text($row->{$column->key});
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
                    @include('register.table.bulk')
                @endif
            </form>
            @if ($more)
                <a class="btn" href="{{ $address->with(['page' => $page + 1]) }}">Next
                    {{ $perPage }}</a>
                @endif @if ($page > 1)
                    <a class="btn"
                        href="{{ $address->with(['page' => $page > 2 ? $page - 1 : null]) }}">Back
                        to the
                        {{ $perPage }} before</a>
                @endif
            @endif
