<section class="part" id="why">
    <h3>What cost most, {{ $days }} days
        <span class="aside">
            @foreach ($bys as $key)
                <a href="{{ $address->with(['by' => $key]) }}#why"
                    @if ($by === $key) aria-current="true" @endif>{{ $key }}</a>
            @endforeach
            ·
            @foreach ($measures as $key)
                <a href="{{ $address->with(['measure' => $key]) }}#why"
                    @if ($measure === $key) aria-current="true" @endif>{{ $key }}</a>
            @endforeach
            ·
            @foreach ([7, 30, 90, 365] as $key)
                <a href="{{ $address->with(['days' => $key]) }}#why"
                    @if ($days === $key) aria-current="true" @endif>{{ $key }}
                    d</a>
            @endforeach
        </span>
    </h3>
    @if ($bars === [])
        <p class="quiet small">Nothing stood in that time.</p>
    @else
        <div class="scroll">
            <table>
                <thead>
                    <tr>
                        <th>{{ $by }}</th>
                        <th class="r">stops</th>
                        <th class="r">{{ $measure }}</th>
                        <th></th>
                        <th class="r">of all, up to it</th>
                        <th class="r">{{ $days }} days before</th>
                        @if ($ordered)
                            <th></th>
                        @endif
                    </tr>
                </thead>
                <tbody>
                    @foreach ($bars as $bar)
                        @php
                            $of = ['by' => $by, 'value' => $bar['key'], 'days' => $days];
                        @endphp
                        <tr>
                            <td><a
                                    href="{{ $frame->address('/stops/list', $of) }}">{{ $bar['key'] }}</a>

                            </td>
                            <td class="r">{{ $w->number($bar['stops']) }}</td>
                            <td class="r">{{ $w->number($bar['size']) }}</td>
                            <td><svg class="pareto" viewBox="0 0 202 14" width="202"
                                    height="14" aria-hidden="true">
                                    <rect x="0" y="2" width="{{ $bar['width'] }}" height="10" />
                                </svg></td>
                            <td class="r quiet">{{ number_format(100 * $bar['upTo'], 0) }} %</td>
                            <td class="r quiet">{{ $w->number($bar['before']) }}</td>
                            @if ($ordered)
                                <td class="r"><a href="{{ $bar['order'] }}">make an order of
                                        it</a></td>
                            @endif
                        </tr>
                    @endforeach
                    @if ($rest > 0)
                        <tr>
                            <td class="quiet">other</td>
                            <td></td>
                            <td class="r">{{ $w->number($rest) }}</td>
                            <td></td>
                            <td class="r quiet">100 %</td>
                            <td @if ($ordered) colspan="2" @endif></td>
                        </tr>
                    @endif
                </tbody>
            </table>
        </div>
    @endif
</section>
