@if ($lines === [])
    <p class="quiet small">
        {{ $none }}</p>
@else
    <div class="scroll">
        <table>
            <tbody>
                @foreach ($lines as $part)
                    <tr>
                        <td class="glyph"><x-dial :nearness="$part->nearness" :consumed="$part->consumed" /></td>
                        <td class="tag">{{ $part->tag }}</td>
                        <td><a href="/assets/{{ $part->id }}">{{ $part->name }}</a></td>
                        <td class="quiet">{{ $part->className }}</td>
                        @php
                            $nearnessWords = str_replace(' ', '-', $part->nearness?->value ?? '');
                        @endphp
                        <td class="r"><span
                                class="w {{ $nearnessWords }}">{{ $part->words }}</span>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif
