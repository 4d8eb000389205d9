@php
    $rows = old(
        'runs',
        $record->runs
            ->map(
                fn($run) => [
                    'product_id' => $run->product_id,
                    'from' => $w->local($run->from_at)->format('H:i'),
                    'to' => $w->local($run->to_at)->format('H:i'),
                    'total' => $run->total,
                    'rejects' => $run->rejects,
                    'reworked' => $run->reworked ?: null,
                    'by' => $run->reasons
                        ->mapWithKeys(fn($one) => [$one->id => $one->pivot->pieces])
                        ->all(),
                ],
            )
            ->all(),
    );
    $rows = is_array($rows) ? array_values(array_filter($rows, is_array(...))) : [];
    $first = [
        'from' => $w->local($record->from_at)->format('H:i'),
        'to' => $w->local($record->to_at)->format('H:i'),
        'product_id' => $form['products']->first()?->id,
    ];
    $rows = [...$rows, ...array_fill(0, max(1, 3 - count($rows)), [])];
    $rows[0] += $first;
@endphp
<details class="act form" id="enter" @if ($errors->any()) open @endif>
    <summary>Enter output</summary>
    @if ($form['products']->isEmpty())
        <p class="quiet">No product has an ideal time on this line yet.
            @can('manage', $line)
                <a href="/lines/{{ $line->id }}/settings#rates">Set one</a>
            @endcan
        </p>
    @else
        <form method="post" action="/shifts/{{ $record->id }}">@csrf @method('put')
            <input type="hidden" name="version" value="{{ $record->version }}">
            @foreach ($rows as $i => $row)
                @include('stops.shift.run')
            @endforeach
            @include('stops.shift.about')
            <button class="btn strong">Save the shift</button>
        </form>
    @endif
</details>
