@php
    $isOver = $one->state->value === 'in force' && !$one->standing()->protects($w->now());
    $others = $one->orders->where('id', '<>', $order->id);
@endphp
<div class="isolation">
    <p><b>{{ $one->label() }}</b> {{ $one->permit ? "permit, {$one->permit}:" : '' }} <span
            @class(['w', 'late' => $isOver])>{{ $one->state->value }},
            {{ $isOver ? 'run out' : 'valid until' }} {{ $w->instant($one->valid_until) }}</span>,
        issued by {{ $one->issued_who }}
        @foreach ($others as $other)
            · also for <a href="/orders/{{ $other->id }}">{{ $other->label() }}</a>
        @endforeach
    </p>
    <ol class="plain-list">
        @foreach (explode("\n", $one->points) as $point)
            <li>{{ $point }}</li>
        @endforeach
    </ol>
    <p class="small quiet">
        @foreach ($one->events as $event)
            {{ $event->did }} by {{ $event->who }},
            {{ $w->instant($event->at) }}{{ $loop->last ? '.' : ';' }}
        @endforeach
    </p>
    @if ($mayMoveLocks && $one->moves() !== [])
        <div class="more-lines">
            @foreach ($one->moves() as $move)
                <form class="inline-form" method="post"
                    action="{{ $by }}/isolation/{{ $one->id }}/{{ $move->value }}">
                    @csrf
                    @if ($move->value === 'extend')
                        <input type="datetime-local" name="valid_until" required
                            aria-label="Valid until, {{ $one->label() }}">
                    @endif
                    <button
                        class="btn slim">{{ $one->permit ? $move->labelOfPermit() : $move->label() }}</button>
                </form>
            @endforeach
        </div>
    @endif
</div>
