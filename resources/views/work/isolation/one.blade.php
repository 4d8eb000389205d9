@php
    $isOver = $one->state->value === 'in force' && !$one->standing()->protects($w->now());
    $others = $one->orders->where('id', '<>', $order->id);
    $moves = match ($one->state->value) {
        'in force' => ['suspend' => 'Locks off for a test run', 'lift' => 'Locks are off'],
        'suspended' => ['resume' => 'Locks on again', 'lift' => 'Locks are off'],
        default => [],
    };
@endphp
<div class="isolation">
    <p><b>{{ $one->label() }}</b> <span @class(['w', 'late' => $isOver])>{{ $one->state->value }},
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
    @if ($mayMoveLocks && $moves !== [])
        <div class="more-lines">
            @foreach ($moves as $move => $label)
                <form method="post"
                    action="{{ $by }}/isolation/{{ $one->id }}/{{ $move }}">
                    @csrf
                    <button class="btn slim">{{ $label }}</button>
                </form>
            @endforeach
            <form class="inline-form" method="post"
                action="{{ $by }}/isolation/{{ $one->id }}/extend">@csrf
                <input type="datetime-local" name="valid_until" required
                    aria-label="Valid until, {{ $one->label() }}">
                <button class="btn slim">Extend</button>
            </form>
        </div>
    @endif
</div>
