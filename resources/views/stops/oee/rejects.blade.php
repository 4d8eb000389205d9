<section class="part" id="rejects">
    <h3>Rejects by {{ $asked->rejects }}
        <span class="aside">
            @foreach ($rejectBys as $by)
                <a href="{{ $asked->address(['rejects' => $by]) }}#rejects"
                    @if ($asked->rejects === $by) aria-current="true" @endif>{{ $by }}</a>
            @endforeach
        </span>
    </h3>
    @if ($rejects->isEmpty())
        <p class="quiet small">No reject has a reason in that time.</p>
    @else
        @php
            $top = max(1, (float) $rejects->first()->seconds);
            $behind = fn(string $key): string => '/stops/oee/rejects?' .
                $asked->query(['value' => $key]);
        @endphp
        <div class="scroll">
            <table>
                <tbody>
                    @foreach ($rejects as $one)
                        <tr>
                            <td><a href="{{ $behind($one->key) }}">{{ $one->key }}</a></td>
                            <td class="r">{{ $w->number((int) $one->pieces) }} pieces</td>
                            <td class="r">{{ $said->minutes((float) $one->seconds / 60) }} min
                            </td>
                            @if ($money)
                                <td class="r">{{ $w->money((int) round((float) $one->cents)) }}
                                </td>
                            @endif
                            <td class="r quiet">before that
                                {{ $said->minutes((float) ($rejectsBefore->get($one->key)->seconds ?? 0) / 60) }}
                            </td>
                            <td><svg class="fall split" viewBox="0 0 222 14" width="222"
                                    height="14" aria-hidden="true">
                                    <rect class="rejects" x="1" y="2"
                                        width="{{ round((220 * (float) $one->seconds) / $top, 1) }}"
                                        height="10" />
                                </svg></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    @endif
</section>
