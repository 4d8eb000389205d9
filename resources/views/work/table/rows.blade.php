<div class="scroll">
    <table class="dense wide">
        <thead>
            <tr>
                @if ($mayChange)
                    <th><span class="hush">chosen</span></th>
                @endif
                @foreach ($shown as $column)
                    @php
                        $turn = match ($sort) {
                            $column->key => 'ascending',
                            "-{$column->key}" => 'descending',
                            default => 'none',
                        };
                        $next = $turn === 'ascending' ? "-{$column->key}" : $column->key;
                        $sorted = $address->with(['sort' => $next, 'page' => null]);
                        $mark = ['ascending' => ' ↑', 'descending' => ' ↓', 'none' => ''][$turn];
                    @endphp
                    <th @class(['r' => $column->isNumber()]) aria-sort="{{ $turn }}"><a
                            href="{{ $sorted }}">{{ $column->label }}{{ $mark }}</a>
                    </th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    @if ($mayChange)
                        <td><input type="checkbox" name="orders[]" value="{{ $row['id'] }}"
                                aria-label="Choose {{ $row['label'] }}">
                        </td>
                    @endif
                    @foreach ($row['cells'] as $key => $text)
                        <td @class([
                            'r' => $shown[$key]->isNumber(),
                            'tag' => in_array($key, ['number', 'on'], true),
                            'late-text' => $key === 'late',
                        ])>
                            @if (in_array($key, ['number', 'title'], true) || $loop->first)
                                <a
                                    href="/orders/{{ $row['id'] }}">{{ $text === '' ? '—' : $text }}</a>
                            @elseif ($key === 'state')
                                <span class="nowrap">{!! $frame->post($row['stands'], true) !!}
                                    {{ $text }}</span>
                            @else
                                {{ $text }}
                            @endif
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
