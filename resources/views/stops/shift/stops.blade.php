<section class="part" id="stood">
    <h3>Stops</h3>
    @if ($stops->isEmpty())
        <p class="quiet small">None was logged.</p>
    @else
        <table>
            <thead>
                <tr>
                    <th>from</th>
                    <th>to</th>
                    <th>what stood</th>
                    <th>why</th>
                    <th class="r">min</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($stops as ['is' => $stop, 'minutes' => $minutes])
                    <tr>
                        <td><a
                                href="/stops/{{ $stop->id }}">{{ $w->local($stop->from_at)->format('H:i') }}</a>
                        </td>
                        <td>{{ $stop->to_at ? $w->local($stop->to_at)->format('H:i') : 'still down' }}
                        </td>
                        <td>{{ $stop->asset }}{{ $stop->cause ? ", caused by {$stop->cause}" : '' }}
                        </td>
                        <td @class(['near-text' => $stop->kind === null])>
                            {{ $stop->reason }}{{ $stop->planned ? ' (planned)' : '' }}
                            @if ($stop->subject_label && $stop->subject_kind === 'order')
                                <a
                                    href="/orders/{{ $stop->subject_id }}">{{ $stop->subject_label }}</a>
                            @endif
                        </td>
                        <td class="r">{{ $minutes }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @includeWhen($shorts->isNotEmpty(), 'stops.shift.shorts')
    @can('enter', $record)
        @include('stops.shift.short')
        @include('stops.shift.call')
    @endcan
</section>
