@php
    $address = $frame->address('/expiry', $filter);
@endphp
<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Expiry dates</h2>
        <div class="meta"><span>of assets at this site and of its people, first to run out
                first</span></div>
    </div>
    <div class="acts"><a class="btn slim" href="{{ $address->at('/expiry.csv') }}"
            hx-boost="false">CSV</a><a class="btn slim" href="{{ $address->at('/expiry.json') }}"
            hx-boost="false">JSON</a></div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="inline-form" method="get" action="/expiry">
            <div class="field"><label>What<br><input type="search" name="what"
                        value="{{ $filter['what'] ?? '' }}"></label></div>
            <div class="field"><label>State<br><select name="state">
                        <option value="">any</option>
                        @foreach ($lists->expiryStates() as $state)
                            <option @selected(($filter['state'] ?? '') === $state->value)>{{ $state->value }}</option>
                        @endforeach
                    </select>
                </label></div><button class="btn">Filter</button>
            @if ($filter !== [])
                <a class="btn" href="/expiry">Show all</a>
            @endif
        </form>
        @if ($dates === [])
            <p class="quiet">
                @php
                    $filterWords =
                        $filter === []
                            ? 'No expiry date yet. They are noted on the sheet of an asset, and for people under Setup.'
                            : 'None matches.';
                @endphp
                {{ $filterWords }}
            </p>
        @else
            <div class="scroll">
                <table class="table-narrow">
                    <thead>
                        <tr>
                            <th>until</th>
                            <th>what</th>
                            <th>of</th>
                            <th class="drop">note</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($dates as $date)
                            <tr>
                                @php
                                    $stateWords =
                                        $date->state->value === 'holds'
                                            ? ''
                                            : ', ' . $w->relative($date->until);
                                @endphp
                                <td class="nowrap"><span
                                        @class([
                                            'w',
                                            'late' => $date->state->value === 'run out',
                                            'near' => $date->state->value === 'running out',
                                        ])>{{ $w->day($date->until) }}{{ $stateWords }}</span>
                                </td>
                                <td>{{ $date->what }}</td>
                                <td>
                                    @if ($date->href)
                                        <a href="{{ $date->href }}">{{ $date->name }}</a> <span
                                            class="tag">{{ $date->tag }}</span>@else{{ $date->name }}
                                    @endif
                                </td>
                                <td class="drop">{{ $date->note }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        @if (count($dates) >= $most)
            <p class="quiet small">The first {{ count($dates) }}; the export holds all.</p>
        @endif
    </div>
</div>
