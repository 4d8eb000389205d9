@if ($draft)
    <p class="quiet small">Revision {{ $draft }} of
        <a href="/methods/{{ $method->id }}">{{ $method->name }}</a> is a draft; write its parts
        there.
    </p>
@elseif ($method->inForce)
    <form class="inline-form" method="post" action="/methods/{{ $method->id }}/parts">@csrf
        <x-field name="parts" label="Tie a part" required maxlength="120" autocomplete="off"
            placeholder="P-0117 x 2" />
        <button class="btn">Tie it</button>
    </form>
    @if ($others > 0)
        <p class="quiet small">It is said for all schedules of
            <a href="/methods/{{ $method->id }}">{{ $method->name }}</a>, this one and
            {{ $w->count($others, 'other') }}.
        </p>
    @endif
@endif
