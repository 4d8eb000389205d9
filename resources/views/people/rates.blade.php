@if (count($rates))
    <table>
        <thead>
            <tr>
                <th>from</th>
                <th class="r">per hour</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($rates as $rate)
                <tr>
                    <td>{{ $w->day($rate->from_day) }}</td>
                    <td class="r">{{ $rate->hourly()->plain() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<form class="inline-form" method="post" action="{{ $action }}">@csrf
    <div class="field"><label>From<br><input type="date" name="from_day" required
                value="{{ $w->today() }}"></label>
    </div>
    <div class="field"><label>Rate per hour<br><input name="rate" inputmode="decimal" required
                placeholder="31.50" size="8"></label></div><button class="btn">Set the
        rate</button>
</form>
