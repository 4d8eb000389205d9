<div class="head bare">
    <div>
        <div class="crumbs"><a href="/assets">Assets</a></div>
        <h2>Files in and out</h2>
        <div class="meta"><span>CSV files of {{ $site->name }}: first a check of what a file
                would do, then all of it
                or nothing, and a way back</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <ul class="kinds">
            @foreach ($kinds as $kind)
                <li>
                    <div>
                        <h3>{{ $kind->title() }}</h3>
                        <p>{{ $kind->about() }}</p>
                    </div>
                    <div class="acts"><a class="btn" href="/import/{{ $kind->key() }}">Load a
                            file</a><a class="btn slim"
                            href="/import/{{ $kind->key() }}/standing.csv" hx-boost="false"
                            aria-label="{{ $kind->title() }} as CSV">CSV</a><a class="btn slim"
                            href="/import/{{ $kind->key() }}/standing.json" hx-boost="false"
                            aria-label="{{ $kind->title() }} as JSON">JSON</a></div>
                </li>
            @endforeach
        </ul>
        <p class="quiet small">What a CSV gives out can be changed in a spreadsheet and loaded
            again: rows are known by
            their tag or name, and only what differs is changed.</p>
        <section class="part">
            <h3>Loaded lately</h3>
            @if ($loaded->isEmpty())
                <p class="quiet">Nothing was loaded from a file at this site yet.</p>
            @else<div class="scroll">
                    <table>
                        <thead>
                            <tr>
                                <th>when</th>
                                <th>what</th>
                                <th>file</th>
                                <th class="r">made</th>
                                <th class="r">changed</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($loaded as $one)
                                <tr>
                                    <td>{{ $w->instant($one->loaded_at) }}</td>
                                    <td>{{ collect($kinds)->first(fn($kind) => $kind->key() === $one->what)?->title() }}
                                    </td>
                                    <td><a
                                            href="/import/files/{{ $one->id }}">{{ $one->file_name }}</a>
                                    </td>
                                    <td class="r">{{ $one->made }}</td>
                                    <td class="r">{{ $one->changed }}</td>
                                    <td>{{ $one->state === 'taken back' ? 'taken back' : '' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </section>
    </div>
</div>
