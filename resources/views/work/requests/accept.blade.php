<x-section title="Accept it into an order" id="accept">
    <form class="form" method="post" action="/requests/{{ $request->id }}/accept">@csrf
        @include('work.raise-fields', [
            'title' => $request->title(),
            'about' => $request->what,
            'asset' => $where->tag,
            'type' => 'corrective',
            'team' => $request->asset?->team_id,
        ])
        @if ($mendedLast)
            <div class="choices field"><label><input type="checkbox" name="repeats"
                        value="W-{{ $mendedLast->number }}"> It is the
                    same
                    again: its cost goes to W-{{ $mendedLast->number }}</label></div>
        @endif
        <button class="btn strong">Accept into an order</button>
    </form>
</x-section>
