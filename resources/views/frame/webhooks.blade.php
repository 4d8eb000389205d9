<x-sheet title="Webhooks">
    <x-slot:meta>Addresses that are told when the state of an order or a request changes:
        signed, and sent
        again
        where they do not answer.</x-slot:meta>
    @if (session('secret'))
        <p class="note">Secret: <code class="tag">{{ session('secret') }}</code></p>
    @endif
    @if ($hooks->isNotEmpty())
        <table>
            <tbody>
                @foreach ($hooks as $one)
                    <tr>
                        <td class="tag">{{ $one->url }}</td>
                        <td class="quiet">
                            {{ $one->events === [] ? 'of every change' : implode(', ', $one->events) }}
                        </td>
                        <td class="r">
                            <form class="inline" method="post"
                                action="/setup/webhooks/{{ $one->id }}/trial">@csrf<button
                                    class="btn slim">send a trial</button></form>
                            <form class="inline" method="post"
                                action="/setup/webhooks/{{ $one->id }}">@csrf
                                @method('delete')<button class="btn slim"
                                    aria-label="Tell {{ $one->url }} no more">tell it no
                                    more</button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form class="form" method="post" action="/setup/webhooks">@csrf
        <x-field name="url" label="Address" required maxlength="500" placeholder="https://"
            inputmode="url" />
        <fieldset class="choices field stacked">
            <legend>Of which changes; of all where none is ticked</legend>
            @foreach ($events as $event)
                <label><input type="checkbox" name="events[]" value="{{ $event }}">
                    {{ $event }}</label>
            @endforeach
        </fieldset>
        <button class="btn strong">Tell it from now on</button>
    </form>
    <x-section title="What was sent" id="sent">
        @if ($deliveries->isEmpty())
            <p class="quiet">Nothing yet.</p>
        @else
            @include('frame.webhook-deliveries')
        @endif
    </x-section>
    @if ($mayList)
        <x-section title="Machines of our own network" id="hosts">
            <form class="form" method="post" action="/setup/webhook-hosts">@csrf
                @method('put')
                <x-field name="hosts" label="May be told, for the whole plant" :value="implode(' ', $hosts)"
                    hint="Names or numbers, a port where only that may be: 127.0.0.1:9000. Others are refused." />
                <button class="btn">Save the list</button>
            </form>
        </x-section>
    @endif
</x-sheet>
