<table>
    <thead>
        <tr>
            <th>message</th>
            <th>to</th>
            <th>outcome</th>
            <th></th>
        </tr>
    </thead>
    <tbody>
        @foreach ($deliveries as $one)
            @php
                $answerWords = $one->status === null ? '' : ", answer {$one->status}";
                $againWords =
                    $one->state === 'waiting' && $one->next_at !== null && $one->attempts > 0
                        ? ", again {$w->instant($one->next_at)}"
                        : '';
            @endphp
            <tr>
                <td>{{ $one->event }} <span class="quiet">{{ $w->instant($one->made_at) }}</span>
                </td>
                <td class="tag">{{ $one->webhook->url }}</td>
                <td>{{ $one->state }}{{ $answerWords }}{{ $againWords }}
                    @if ($one->attempts > 1)
                        <span class="quiet">{{ $one->attempts }} attempts</span>
                    @endif
                    @if ($one->said && $one->state !== 'delivered')
                        <span class="quiet small">{{ $one->said }}</span>
                    @endif
                </td>
                <td class="r">
                    @if ($one->state !== 'delivered' && $one->webhook->active)
                        <form class="inline" method="post"
                            action="/setup/webhook-deliveries/{{ $one->id }}">@csrf<button
                                class="btn slim">send it again</button></form>
                    @endif
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
