<h3>
    Meters @can('write-register')
        <a href="/assets/{{ $assetId }}/meters/new">add one</a>
    @endcan
</h3>
@if ($meters->isEmpty())
    <p class="quiet small">No meter. With a counter on it, a schedule can count hours, cycles or
        metres.</p>
@else
    <div class="scroll">
        <table class="table-narrow">
            <thead>
                <tr>
                    <th>meter</th>
                    <th class="r">shows</th>
                    <th class="r">read</th>
                    <th class="r drop">rate or limits</th>
                    <th></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($meters as $meter)
                    <tr>
                        <td><a href="/meters/{{ $meter->id }}">{{ $meter->name }}</a></td>
                        <td class="r reading">{{ $meter->text($meter->last_shown) }}</td>
                        <td class="r">
                            {{ $meter->last_at ? $w->instant($meter->last_at) : 'never' }}</td>
                        <td class="r drop"><span
                                @class(['w', 'late' => $meter->beyond !== null])>{{ $meter->standingText() }}</span>
                        </td>
                        <td class="r">
                            @can('take-readings')
                                <a href="/meters/{{ $meter->id }}#read">take a reading</a>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endif
