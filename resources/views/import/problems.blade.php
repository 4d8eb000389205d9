                <div class="note bad"><b>{{ $w->count(count($plan->problems), 'problem') }}; nothing
                        can
                        be loaded yet.</b>
                    Mend {{ count($plan->problems) === 1 ? 'it' : 'them' }} in the file and <a
                        href="/import/{{ $kind->key() }}">choose it again</a>, or say below how its
                    columns and cells are
                    to be read.</div>
                <div class="scroll">
                    <table class="dense">
                        <thead>
                            <tr>
                                <th class="r">row</th>
                                <th>column</th>
                                <th>what is wrong</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach (array_slice($reasons = $plan->reasons(), 0, 100) as $problem)
                                <tr>
                                    <td class="r">{{ $problem['rows'] }}</td>
                                    <td class="tag">{{ $names($problem['column']) }}</td>
                                    <td>{{ $problem['message'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if (count($reasons) < count($plan->problems) || count($reasons) > 100)
                    <p class="quiet">
                        {{ count($reasons) > 100 ? 'And ' . (count($reasons) - 100) . ' more. ' : '' }}One
                        line
                        for each row: <a href="/import/files/{{ $import->id }}/problems"
                            hx-boost="false">as a file</a>.
                    </p>
                @endif
