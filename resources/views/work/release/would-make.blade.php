    <section class="part">
        @php
            $todayWords = $choice->until->is($today)
                ? 'Would be made now'
                : 'Would be made, as if it were ' . $w->day($choice->until);
        @endphp
        <h3>{{ $todayWords }}
            @php
                $moreWords = $more
                    ? 'the first ' .
                        count($made) .
                        '; choose some of them, or release all that are due'
                    : 'choose some, or release all of them';
            @endphp
            <span class="aside quiet">{{ $moreWords }}</span>
        </h3>
        @if ($made === [])
        <p class="quiet">Nothing: no lead has come since the last release.</p>@else<div
                class="scroll">
                <table>
                    <thead>
                        <tr>
                            <th></th>
                            <th>schedule</th>
                            <th>asset</th>
                            <th class="r">due</th>
                            <th class="r">lead
                                {{ $choice->until->is($today) ? 'came' : 'comes' }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($made as $schedule)
                            <tr>
                                <td class="glyph"><input type="checkbox" name="schedules[]"
                                        value="{{ $schedule->id }}" form="release"
                                        aria-label="Release {{ $schedule->name }} on {{ $schedule->asset->tag }} only">
                                </td>
                                <td><a
                                        href="/schedules/{{ $schedule->id }}">{{ $schedule->name }}</a>
                                </td>
                                <td>{{ $schedule->asset->name }} <span
                                        class="tag">{{ $schedule->asset->tag }}</span></td>
                                <td class="r">
                                    {{ $w->day($schedule->standing->next_due_on) }}</td>
                                <td class="r">
                                    {{ $w->day($schedule->standing->release_on) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </section>
