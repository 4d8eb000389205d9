        <section class="part form" id="revisions">
            <h3>Revisions</h3>
            <table>
                <tbody>
                    @foreach ($revisions as $one)
                        <tr>
                            <td>revision {{ $one->number }}</td>
                            <td>{{ $one->state->value }}@if ($one->why)
                                    <div class="quiet small">“{{ $one->why }}”</div>
                                @endif
                            </td>
                            <td>{{ $one->put_by }}</td>
                            <td class="r">{{ $w->instant($one->put_at ?? $one->made_at) }}
                            </td>
                            <td class="r">
                                @unless ($loop->last)
                                    @php
                                        $before = $revisions[$loop->index + 1]->number;
                                        $compare = "/methods/{$method->id}/compare?old={$before}&new={$one->number}";
                                    @endphp
                                    <a href="{{ $compare }}">what changed</a>
                                @endunless
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="small">Give it out: <a href="/methods/{{ $method->id }}.json"
                    hx-boost="false">whole, as
                    JSON</a> (<a href="/schemas/method.json" hx-boost="false">schema</a>), <a
                    href="/methods/{{ $method->id }}/steps.csv" hx-boost="false">its steps, as
                    CSV</a>.</p>
            @can('write-plans')
                <details class="act">
                    <summary>Read its steps from a file</summary>
                    <form method="post" action="/methods/{{ $method->id }}/steps"
                        enctype="multipart/form-data">@csrf
                        <div class="field"><label for="steps-file">A file of CSV with the columns of
                                the one that is given
                                out</label><input id="steps-file" type="file" name="file"
                                accept=".csv,text/csv" required></div><button class="btn">Read the
                            steps into a draft</button>
                    </form>
                </details>
            @endcan
        </section>
