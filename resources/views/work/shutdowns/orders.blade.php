<x-section title="Orders in their sequence" id="orders">
    @if ($lines->isEmpty())
        <p class="quiet">No order is in it yet.</p>
    @else
        <form id="turns" method="post" action="{{ $by }}/turns">@csrf @method('put')
            <x-seen :mark="$turnsSeen" />
        </form>
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>turn</th>
                        <th></th>
                        <th>order</th>
                        <th>on</th>
                        <th>who</th>
                        <th class="r">hours</th>
                        <th class="drop"></th>
                        @if ($mayPlan)
                            <th></th>
                        @endif
                    </tr>
                </thead>
                <tbody>
                    @foreach ($lines as $line)
                        <tr>
                            <td>
                                @if ($mayPlan)
                                    <input class="turn" type="number" min="1"
                                        max="999" form="turns"
                                        name="turns[{{ $line->id }}]"
                                        value="{{ $line->turn }}"
                                        aria-label="Turn of W-{{ $line->number }}">
                                @else
                                    {{ $line->turn }}
                                @endif
                            </td>
                            <td>{!! $frame->post($line->state, true) !!} <span
                                    class="quiet small">{{ $line->state }}</span></td>
                            <td><a href="/orders/{{ $line->id }}">{{ $line->title }}</a> <span
                                    class="tag">W-{{ $line->number }}</span>
                                @if ($line->late_reason)
                                    <span class="due small" title="{{ $line->late_reason }}">late,
                                        {{ $w->day($line->added_on) }}:
                                        {{ $line->late_reason }}</span>
                                @endif
                            </td>
                            <td class="tag">{{ $line->tag }}</td>
                            <td class="quiet">{{ $line->who ?? 'nobody yet' }}</td>
                            <td class="r">{{ $w->minutes((int) $line->planned) }}</td>
                            <td class="drop"><svg class="bars" width="90" height="12"
                                    viewBox="0 0 1000 100" preserveAspectRatio="none"
                                    aria-hidden="true">
                                    <rect class="plan" x="4" y="14" width="992"
                                        height="72" />
                                    <rect class="fact" x="4" y="14"
                                        width="{{ intdiv(992 * $fills[$line->id], 1000) }}"
                                        height="72" />
                                </svg></td>
                            @if ($mayPlan)
                                <td>
                                    <form class="inline" method="post"
                                        action="{{ $by }}/orders/{{ $line->id }}">
                                        @csrf
                                        @method('delete')<button class="btn slim"
                                            aria-label="Take W-{{ $line->number }} off">take
                                            off</button></form>
                                </td>
                            @endif
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($mayPlan)
            <p class="acts-line"><button class="btn slim" form="turns">Save the sequence</button>
                <button class="btn slim" form="turns" name="how" value="links">By what
                    follows
                    what</button> <span class="quiet small">Those of the same turn are done beside
                    each
                    other.</span>
            </p>
        @endif
    @endif
</x-section>
