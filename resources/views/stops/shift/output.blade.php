<section class="part" id="output">
    <h3>Output
        <span class="aside quiet">{{ $record->team?->name }}</span>
    </h3>
    @if ($record->runs->isEmpty())
        <p class="quiet small">Nothing is entered yet. What is not entered counts as unknown, never
            as
            running.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>product</th>
                    <th>from</th>
                    <th>to</th>
                    <th class="r">made</th>
                    <th class="r">rejected</th>
                    <th>why</th>
                    <th class="r">ideal</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($record->runs as $run)
                    <tr>
                        <td>{{ $run->product->name }}</td>
                        <td>{{ $w->local($run->from_at)->format('H:i') }}</td>
                        <td>{{ $w->local($run->to_at)->format('H:i') }}</td>
                        <td class="r">{{ $w->number($run->total) }} {{ $run->product->unit }}
                        </td>
                        <td class="r">
                            {{ $w->number($run->rejects) }}{{ $run->reworked ? " ({$run->reworked} reworked)" : '' }}
                        </td>
                        <td class="quiet">
                            {{ $run->reasons->map(fn($one) => "{$one->name} {$one->pivot->pieces}")->implode(', ') }}
                        </td>
                        <td class="r quiet">{{ +$run->ideal_seconds }} s</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($record->remark)
        <p class="pre">{{ $record->remark }}</p>
    @endif
    @can('enter', $record)
        @includeWhen(!$record->signed_who && $hasBegun, 'stops.shift.enter')
    @endcan
</section>
