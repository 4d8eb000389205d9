<x-section title="Accept it into an order" id="accept">
    <form class="form" method="post" action="/requests/{{ $request->id }}/accept">@csrf <x-once />
        @include('work.raise-fields', [
            'title' => $request->title(),
            'about' => $request->what,
            'asset' => $where->tag,
            'type' => 'corrective',
            'team' => $request->asset?->team_id,
        ])
        <button class="btn strong">Accept into an order</button>
    </form>
</x-section>
