<section class="part" id="lines">
    <h3>Lines</h3>
    @if ($mayReceive)
        <form method="post" action="{{ $by }}/receipts">@csrf
    @endif
    <div class="scroll">
        <table>
            <thead>
                <tr>
                    <th>what</th>
                    <th class="r">ordered</th>
                    <th class="r">came</th>
                    @if ($seesPrices)
                        <th class="r">price of one</th>
                    @endif
                    <th class="drop">why</th>
                    @if ($mayReceive)
                        <th class="r">came now</th>
                        <th class="r">goes back</th>
                        <th class="r">billed at</th>
                    @endif
                </tr>
            </thead>
            <tbody>
                @foreach ($purchase->lines as $line)
                    @include('stores.buying.line')
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($mayReceive)
        <div class="buy-foot"><label>Delivery note, or what was wrong <input type="text"
                    name="note" maxlength="250"></label>
            <button class="btn strong">Receive what came</button>
        </div>
        </form>
    @endif
</section>
