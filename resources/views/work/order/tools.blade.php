<section class="part" id="tools">
    <h3>Special tools</h3>
    @if ($tools !== [])
        <table>
            <tbody>
                @foreach ($tools as $tool)
                    <tr>
                        <td><a href="/tools/{{ $tool['id'] }}">{{ $tool['name'] }}</a> <span
                                class="tag">{{ $tool['number'] }}</span></td>
                        <td>{{ $w->weekdays($tool['from'], $tool['to']) }}</td>
                        <td class="quiet">{{ $tool['where'] }}
                            @if ($tool['others'] !== [])
                                <span class="late-text">also booked for
                                    {{ implode(', ', $tool['others']) }}</span>
                            @endif
                            @unless ($tool['isCalibrated'])
                                <span class="late-text">calibrated only until
                                    {{ $w->day($tool['until']) }}</span>
                            @endunless
                        </td>
                        <td class="r">
                            @if ($mayAssign)
                                <form class="inline" method="post"
                                    action="{{ $by }}/tools/{{ $tool['id'] }}">@csrf
                                    @method('delete')<button class="btn slim"
                                        aria-label="Give {{ $tool['name'] }} free">give
                                        free</button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($mayBookTools)
        @php($asks = ['tool', 'tool_from', 'tool_to'])
        <x-move title="Book a special tool" :action="$by . '/tools'" button="Book it" :fields="$asks">
            <div class="pair">
                <x-field name="tool" label="Tool number" required autocomplete="off"
                    placeholder="T-003" />
                <x-field name="tool_from" label="First day" type="date" required
                    :value="$order->planned_on ?? ($order->due_on ?? (string) $today)" />
                <x-field name="tool_to" label="Last day" type="date"
                    hint="Empty: that day alone." />
            </div>
            <p class="small"><a href="/tools">All special tools</a></p>
        </x-move>
    @endif
</section>
