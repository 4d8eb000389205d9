<div class="head bare">
    <div>
        <div class="crumbs"><a href="/release">Release</a></div>
        @php
            $endedAtWords =
                $batch->ended_at === null
                    ? 'Releasing: ' . $w->count($made, 'order') . ' so far'
                    : ($batch->made === 0
                        ? 'Nothing was made'
                        : $w->count($batch->made, 'order was', 'orders were') . ' made');
        @endphp
        <h2>{{ $endedAtWords }}
        </h2>
        <div class="meta"><span>by <b>{{ $batch->who }}</b>,
                {{ $w->instant($batch->began_at) }}</span>
            @if ($batch->undone_at)
                <span class="w">taken back by {{ $batch->undone_by }},
                    {{ $w->instant($batch->undone_at) }}</span>
            @endif
        </div>
    </div>
    <div class="acts">
        @if ($batch->made > 0)
            <a class="btn" href="/orders?batch={{ $batch->id }}">See them in Work</a>
            @if ($batch->undone_at === null)
                <form method="post" action="/release/{{ $batch->id }}">@csrf
                    @method('delete')<button class="btn">Take the release back</button></form>
            @endif
        @endif
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($batch->ended_at === null)
            <p class="note" role="status" hx-get="/release/{{ $batch->id }}"
                hx-trigger="load delay:1500ms" hx-target="#sheet">It goes on behind this page; you
                can leave. If it is cut off, the next release makes
                what is missing, and nothing twice.</p>
        @endif
        @if ($orders->isNotEmpty())
            <section class="part">
                <h3>Made</h3>
                <div class="scroll">
                    <table>
                        <thead>
                            <tr>
                                <th>order</th>
                                <th></th>
                                <th>asset</th>
                                <th>state</th>
                                <th class="r">due</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($orders as $order)
                                <tr>
                                    <td><a class="tag"
                                            href="/orders/{{ $order->id }}">{{ $order->label() }}</a>
                                    </td>
                                    <td>{{ $order->title }}</td>
                                    <td>{{ $order->asset->name }} <span
                                            class="tag">{{ $order->asset->tag }}</span>
                                    </td>
                                    <td><x-state :state="$order->state" /></td>
                                    <td class="r">{{ $w->day($order->due_on) }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            </section>
        @endif
        <section class="part">
            <h3>Left, and why</h3>
            @if (empty($batch->left_alone))
            <p class="quiet">Nothing was near.</p>@else<div class="scroll">
                    <table>
                        <tbody>
                            @foreach ($batch->left_alone as $line)
                                @continue($line['because'] === 'in hand' && $orders->contains('title', $line['name']))
                                <tr>
                                    <td><a
                                            href="/schedules/{{ $line['schedule'] }}">{{ $line['name'] }}</a>
                                    </td>
                                    <td class="tag">{{ $line['tag'] }}</td>
                                    <td>{{ $line['because'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </section>
    </div>
</div>
