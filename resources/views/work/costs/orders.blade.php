<div class="head bare">
    <div>
        <div class="crumbs"><a href="/orders">Work</a> › <a
                href="{{ $slice->address('/costs') }}">Costs</a></div>
        <h2>Orders behind a cost</h2>
        <div class="meta"><span>from <b>{{ $w->day($slice->from) }}</b> to
                <b>{{ $w->day($slice->to) }}</b></span>
            @if ($slice->kind)
                <span>of <b>{{ $slice->kind->value }}</b></span>
            @endif
            <span><b>{{ $w->count($orders->count(), 'order') }}</b></span>
            <span>in all <b>{{ $w->money((int) $orders->sum('cents')) }}</b></span>
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs">
        @if ($orders->isEmpty())
            <p class="quiet">No order carries this cost.</p>
        @else
            <table>
                <thead>
                    <tr>
                        <th>order</th>
                        <th>state</th>
                        <th class="r">cost</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($orders as $one)
                        <tr>
                            <td><a href="/orders/{{ $one->id }}">{{ $one->title }}</a> <span
                                    class="tag">W-{{ $one->number }}</span></td>
                            <td class="quiet">{{ $one->state }}</td>
                            @php
                                $unknown = $one->unknown > 0 ? ' and more, unknown' : '';
                            @endphp
                            <td class="r">
                                {{ $w->money((int) $one->cents) }}{{ $unknown }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
</div>
