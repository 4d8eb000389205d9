@php
    $turns = old('turns', $last?->turns ?? []);
    $turns = is_array($turns) ? array_values(array_filter($turns, is_array(...))) : [];
    $turns = [...$turns, []];
    $stands = $last?->stands_on_holidays ?? true;
    $days = fn(array $turn): array => array_map(
        intval(...),
        (array) ($turn['weekdays'] ?? ($turn === [] ? [1, 2, 3, 4, 5] : [])),
    );
@endphp
<section class="part" id="shifts">
    <h3>Shifts</h3>
    @foreach ($line->patterns as $pattern)
        <p @class(['quiet' => $pattern->id !== $last?->id])>From {{ $w->day($pattern->from_on) }}:
            {{ $pattern->words() }}
        </p>
    @endforeach
    <details class="act form" @if (
        $line->patterns->isEmpty() ||
            $errors->hasAny(['turns', 'turns.*', 'shifts', 'shift', 'from_on'])) open @endif>
        <summary>
            {{ $line->patterns->isEmpty() ? 'Say when it is worked' : 'Other shifts from a day on' }}
        </summary>
        @foreach (['shifts', 'shift'] as $key)
            @error($key)
                <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror
        @endforeach
        <form method="post" action="/lines/{{ $line->id }}/patterns">@csrf
            <x-field name="from_on" label="From" type="date" required :value="(string) $today" />
            @foreach ($turns as $i => $turn)
                @include('stops.line.turn')
            @endforeach
            <div class="choices field"><label><input type="checkbox" name="stands_on_holidays"
                        value="1" @checked($stands)> It stands on the days of rest
                    of the site</label></div>
            <button class="btn">Set the shifts</button>
        </form>
    </details>
</section>
