<h3>Requests</h3>
@foreach ($restrictions as $restriction)
    <div class="note">Restricted: {{ $restriction->what }}
        {{ $restriction->until_on ? 'until ' . $w->day($restriction->until_on) : '' }}, said
        {{ $restriction->who }} {{ $w->relative($restriction->set_at) }}.
        @if ($mayLift)
            <form class="inline" method="post" action="/restrictions/{{ $restriction->id }}/lift">
                @csrf<button class="btn slim">Lift it</button></form>
        @endif
    </div>
@endforeach
@if ($requests->isNotEmpty())
    <table>
        <tbody>
            @foreach ($requests as $one)
                <tr>
                    <td><a href="/requests/{{ $one->id }}">{{ $one->title() }}</a> <span
                            class="tag">{{ $one->label() }}</span></td>
                    <td>{{ $one->state->value }}{{ $one->order ? ', ' . $one->order->label() : '' }}
                    </td>
                    <td class="r quiet">{{ $w->relative($one->received_at) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
