<section class="part" id="backlog">
    <h3>Backlog <span class="aside quiet">crew-weeks: ready, and not ready yet</span></h3>
    @if ($backlog === [])
        <p class="quiet small">No work is planned for people.</p>
    @else
        <table class="backlog">
            <tbody>
                @foreach ($backlog as $trade => $one)
                    <tr>
                        <th scope="row">{{ $trade }}</th>
                        <td><svg viewBox="0 0 1000 100" preserveAspectRatio="none" width="220"
                                height="14" aria-hidden="true">
                                <rect class="all" x="1" y="4"
                                    width="{{ intdiv(998 * (int) $one->tenths, $longest) }}"
                                    height="92" />
                                <rect class="ready" x="1" y="4"
                                    width="{{ intdiv(998 * (int) $one->readyTenths, $longest) }}"
                                    height="92" />
                            </svg></td>
                        <td class="r">{{ $weeks[$trade] }}</td>
                        <td class="r quiet">{{ $w->minutes($one->minutes) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
