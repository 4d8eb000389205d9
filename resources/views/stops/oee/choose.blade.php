<section class="part" id="choose">
    <h3>Two beside each other</h3>
    <form class="inline-form" method="get" action="/stops/oee#beside">
        <input type="hidden" name="by" value="{{ $asked->by }}">
        <input type="hidden" name="days" value="{{ $asked->days }}">
        @if ($asked->lineId)
            <input type="hidden" name="line" value="{{ $asked->lineId }}">
        @endif
        @foreach (['one' => 'This', 'other' => 'beside that'] as $name => $label)
            @php
                $chosen = $asked->{$name} ?: $rows[$name === 'one' ? 0 : 1]['is']->key;
            @endphp
            <div class="field"><label>{{ $label }}<br><select name="{{ $name }}">
                        @foreach ($rows as $i => $row)
                            <option value="{{ $row['is']->key }}" @selected($row['is']->key === $chosen)>
                                {{ $row['is']->key }}</option>
                        @endforeach
                    </select></label></div>
        @endforeach
        <button class="btn">Compare</button>
    </form>
</section>
