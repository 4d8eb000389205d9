        @if ($together !== [])
            <section class="part form">
                <h3>Due close together <span class="aside quiet">next visits on one asset within a
                        fortnight</span></h3>
                <table>
                    <tbody>
                        @foreach ($together as $one)
                            <tr>
                                <td><a href="/assets/{{ $one->asset_id }}">{{ $one->name }}</a>
                                    <span class="tag">{{ $one->tag }}</span>
                                </td>
                                <td>{{ $w->count((int) $one->visits, 'visit') }},
                                    @php
                                        $fromOnWords =
                                            $one->to_on === $one->from_on
                                                ? ''
                                                : ' to ' . $w->day($one->to_on);
                                    @endphp
                                    {{ $w->day($one->from_on) }}{{ $fromOnWords }}
                                </td>
                                <td class="r"><a class="btn slim"
                                        href="/assets/{{ $one->asset_id }}/together">Do
                                        together</a></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
