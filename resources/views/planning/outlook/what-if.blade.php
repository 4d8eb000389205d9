@php
    $line = fn($load) => collect($load->minutes)
        ->map(fn($minutes, $trade) => "{$trade} {$w->hours($minutes)}")
        ->implode(', ') ?:
    '—';
    $diff = fn(int $a, int $b, callable $say) => $a === $b
        ? 'the same'
        : ($b > $a ? '+' : '−') . $say(abs($b - $a));
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/outlook">Outlook</a></div>
        <h2>What if</h2>
        <div class="meta">Another interval, or more assets: what a year would ask for. Nothing is
            saved.</div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/outlook/what-if">
            <div class="field"><label>Method<br><select name="method">
                        @foreach ($methods as $one)
                            <option value="{{ $one->id }}" @selected($method?->id === $one->id)>
                                {{ $one->code }}
                                {{ $one->name }}</option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>every<br><input type="number" name="every" min="1"
                        max="999" size="4" value="{{ $change['every'] ?? '' }}"
                        placeholder="as it is"></label></div>
            <div class="field"><label>of<br><select name="unit">
                        <option value="">as it is</option>
                        @foreach ($lists->timeUnits() as $unit)
                            <option @selected(($change['unit'] ?? '') === $unit->value)>{{ $unit->value }}</option>
                        @endforeach
                    </select>
                </label></div>
            <div class="field"><label>or, of a meter, every<br><input name="usage_every"
                        inputmode="decimal" size="7"
                        value="{{ $change['usage_every'] ?? '' }}" placeholder="as it is"></label>
            </div>
            <div class="field"><label>on so many assets more<br><input type="number"
                        name="more" min="0" max="500" size="4"
                        value="{{ $change['more'] ?? 0 }}"></label></div><button
                class="btn strong">Show</button>
        </form>
        @if ($errors->any())
            <p class="error" role="alert">{{ $errors->first() }}</p>
        @endif
        @if ($result === null)
            <p class="quiet">There is no method yet.</p>
        @elseif ($result['rows'] === [])
            <p class="quiet">No schedule of this site uses {{ $method->name }}.</p>
        @else
            <div class="scroll">
                <table class="whatif">
                    <thead>
                        <tr>
                            <th scope="col">within a year</th>
                            <th scope="col" class="r">as it is</th>
                            <th scope="col" class="r">what if</th>
                            <th scope="col" class="r">difference</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr>
                            <th scope="row">visits</th>
                            <td class="r">{{ $result['now']->visits }}</td>
                            <td class="r"><b>{{ $result['then']->visits }}</b></td>
                            <td class="r">
                                {{ $diff($result['now']->visits, $result['then']->visits, fn($n) => $n) }}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">work</th>
                            <td class="r">{{ $w->hours($result['now']->work()) }}</td>
                            <td class="r"><b>{{ $w->hours($result['then']->work()) }}</b></td>
                            <td class="r">
                                {{ $diff($result['now']->work(), $result['then']->work(), fn($n) => $w->hours($n)) }}
                            </td>
                        </tr>
                        <tr>
                            <th scope="row">by trade</th>
                            <td class="r">{{ $line($result['now']) }}</td>
                            <td class="r">{{ $line($result['then']) }}</td>
                            <td></td>
                        </tr>
                        @if ($seesCosts)
                            <tr>
                                <th scope="row">labour</th>
                                <td class="r">{{ $w->money($result['now']->cents) }}</td>
                                <td class="r"><b>{{ $w->money($result['then']->cents) }}</b>
                                </td>
                                <td class="r">
                                    {{ $diff($result['now']->cents, $result['then']->cents, fn($n) => $w->money($n)) }}
                                </td>
                            </tr>
                        @endif
                    </tbody>
                </table>
            </div>
            <section class="part">
                <h3>Schedule by schedule</h3>
                <div class="scroll">
                    <table class="dense">
                        <thead>
                            <tr>
                                <th>schedule</th>
                                <th>asset</th>
                                <th class="r">visits</th>
                                <th class="r">what if</th>
                                <th class="r">hours</th>
                                <th class="r">what if</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($result['rows'] as $row)
                                <tr>
                                    <td><a
                                            href="/schedules/{{ $row['schedule']->id }}">{{ $row['schedule']->name }}</a>
                                    </td>
                                    <td class="tag">{{ $row['schedule']->asset->tag }}</td>
                                    <td class="r">{{ $row['now']->visits }}</td>
                                    <td class="r">{{ $row['then']->visits }}</td>
                                    <td class="r">{{ $w->hours($row['now']->work()) }}</td>
                                    <td class="r">{{ $w->hours($row['then']->work()) }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <p class="quiet small">Each visit taken as done on its day, meters as going on at
                    their rates; labour at
                    the rates of today.
                    @php
                        $moreWords =
                            ($change['more'] ?? 0) > 0
                                ? 'The assets more are taken to be like the first of the list.'
                                : '';
                    @endphp
                    {{ $moreWords }}
                </p>
            </section>
        @endif
    </div>
</div>
