<h3>
    Work @if ($orders->isNotEmpty())
        <a href="{{ $all }}">all orders</a>
    @endif
</h3>
@if ($orders->isEmpty())
    <p class="quiet small">No order yet. Orders are made from schedules, by themselves when their
        lead has come, from what is reported, or by hand.</p>
@else
    <div class="scroll">
        <table class="table-narrow">
            <thead>
                <tr>
                    <th>order</th>
                    <th></th>
                    <th>state</th>
                    <th class="drop">who</th>
                    <th class="r">due</th>
                    <th class="r drop">est.</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($orders as $order)
                    <tr @class(['quietly' => !$order->state->isOpen()])>
                        <td><a class="tag"
                                href="/orders/{{ $order->id }}">{{ $order->label() }}</a></td>
                        <td>{{ $order->title }}</td>
                        <td><x-state :state="$order->state" :hold="$order->hold_reason" /></td>
                        <td class="drop">{{ $order->hands }}</td>
                        <td class="r">{{ $w->day($order->due_on) }}</td>
                        <td class="r drop">{{ $w->minutes($order->planned_minutes) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif
