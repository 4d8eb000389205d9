<section class="part" id="lines">
    <h3>To count <span class="aside quiet">by bin; leave empty what you did not count</span></h3>
    @if ($mayCount)
        <form method="post" action="{{ $by }}/counted">@csrf
    @endif
    <table class="walk">
        <tbody>
            @foreach ($lines as $line)
                @php
                    $found = $line->counted === null ? '' : $w->quantity($line->counted);
                @endphp
                <tr>
                    <td class="tag">{{ $line->stock->bin ?? '—' }}</td>
                    <td>{{ $line->stock->part->name }} <span
                            class="tag">{{ $line->stock->part->number }}</span></td>
                    @unless ($count->blind && $count->isOpen())
                        <td class="r quiet drop">books
                            {{ $w->quantity($line->by_books ?? $line->stock->on_hand) }}</td>
                    @endunless
                    <td class="r">
                        @if ($mayCount)
                            <input type="text" inputmode="decimal" size="6"
                                name="counted[{{ $line->id }}]" value="{{ $found }}"
                                aria-label="Counted of {{ $line->stock->part->name }}">
                        @else
                            {{ $line->counted === null ? 'not counted' : $w->quantity($line->counted) }}
                        @endif
                        {{ $line->stock->part->unit }}
                        @error("counted.{$line->id}")
                            <span class="error">{{ $message }}</span>
                        @enderror
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($mayCount)
        <div class="buy-foot"><button class="btn strong">Keep what was counted</button></div>
        </form>
    @endif
</section>
