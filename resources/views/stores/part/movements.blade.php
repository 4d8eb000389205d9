<section class="part" id="moves">
    <h3>Movements <span class="aside"><a href="{{ $by }}/moves.csv" hx-boost="false">all as
                CSV</a></span></h3>
    @if ($moves->isEmpty())
        <p class="quiet small">Nothing moved yet.</p>
    @else
        <form class="buy-foot" method="get" action="{{ $by }}"><label>At the end of <input
                    type="date" name="on" value="{{ $on }}"></label><button
                class="btn slim">there were</button>
            <span><b>{{ $w->thousandths($then[0]) }}</b>{{ $seesPrices ? ', worth ' . $w->money($then[1]) : '' }}</span>
        </form>
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>day</th>
                        <th>what</th>
                        <th class="r">quantity</th>
                        @if ($seesPrices)
                            <th class="r">value</th>
                        @endif
                        <th class="r">on hand after</th>
                        <th class="drop">for, and who</th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($moves as $move)
                        <tr>
                            <td>{{ $w->day($move->moved_on) }}</td>
                            <td>{{ $move->kind->value }}
                                @if ($rows->count() > 1)
                                    <span class="quiet small">{{ $move->stock->store->name }}</span>
                                @endif
                            </td>
                            <td class="r">
                                {{ $w->thousandths($move->thousandths()) }}</td>
                            @if ($seesPrices)
                                <td class="r">{{ $w->money($move->value_cents) }}</td>
                            @endif
                            <td class="r">{{ $w->quantity($move->on_hand_after) }}</td>
                            <td class="drop">@include('stores.part.move-for')</td>
                            <td class="r">@include('stores.part.reverse')</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
</section>
