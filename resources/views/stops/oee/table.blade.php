@if ($rows === [])
    <p class="quiet small">No shift stands in that time. <a href="/stops">Open a line</a> and enter
        what it made.</p>
@else
    <div class="scroll">
        <table>
            <thead>
                <tr>
                    <th>{{ $asked->by }}</th>
                    <th class="r">OEE</th>
                    <th>where the time went</th>
                    <th class="r">avail.</th>
                    <th class="r">perf.</th>
                    <th class="r">qual.</th>
                    <th class="r">lost min</th>
                    <th class="r">covered</th>
                    @if ($money)
                        <th class="r">worth</th>
                    @endif
                    @unless ($isTime)
                        <th class="r">than before</th>
                    @endunless
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    @include('stops.oee.row')
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="quiet small">Minutes are added up and then divided; shares are never averaged. Bars,
        from the left:
        good, rejects, speed, stops.</p>
@endif
