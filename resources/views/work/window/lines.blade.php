<table>
    <tbody>
        @foreach ($lines as $line)
            <tr>
                @if ($ticked)
                    <td><input type="checkbox" name="orders[]" value="{{ $line['order']->id }}" checked
                            aria-label="Take {{ $line['order']->label() }}"></td>
                @endif
                <td><a href="/orders/{{ $line['order']->id }}">{{ $line['order']->title }}</a> <span
                        class="tag">{{ $line['order']->label() }}</span></td>
                <td class="tag">{{ $line['order']->asset?->tag }}</td>
                <td><x-priority :priority="$line['order']->priority" /></td>
                <td class="r">{{ $line['takes'] }}</td>
                <td class="quiet">{{ $line['people'] }}</td>
                <td class="quiet">{{ $ticked ? $line['parts'] : $line['why'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
