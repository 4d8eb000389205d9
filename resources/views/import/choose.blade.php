<div class="head bare">
    <div>
        <div class="crumbs"><a href="/import">Files in and out</a></div>
        <h2>{{ $kind->title() }} from a file</h2>
        <div class="meta"><span>{{ $site->name }} · first a check, then all of it or
                nothing</span></div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($last)
            <p class="quiet">Loaded last: <a
                    href="/import/files/{{ $last->id }}">{{ $last->file_name }}</a>,
                {{ $w->instant($last->loaded_at) }}. It can be taken back there.</p>
        @endif
        <form class="form" method="post" action="/import/{{ $kind->key() }}"
            enctype="multipart/form-data">@csrf
            <x-field name="file" label="CSV file" type="file" accept=".csv,text/csv" required
                :hint="'UTF-8, comma or semicolon. Nothing is loaded yet: the next page shows ' .
                    'what the file would do, and how its columns and numbers are read.'" />
            <div class="foot-buttons"><button class="btn strong">Check the file</button><a
                    class="btn" href="/import/{{ $kind->key() }}/template" hx-boost="false">Get
                    a template</a><a class="btn" href="/import/{{ $kind->key() }}/standing.csv"
                    hx-boost="false">Get what stands</a></div>
        </form>
        <section class="part">
            <h3>What a file can hold</h3>
            <p class="form">{{ $kind->about() }}</p>
            <div class="scroll">
                <table class="dense">
                    <thead>
                        <tr>
                            <th>column</th>
                            <th>holds</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($columns as $column)
                            <tr>
                                <td><b>{{ $column->label }}</b>{{ $column->needed ? ', needed' : '' }}
                                </td>
                                @php
                                    $hintWords = $column->hint === '' ? '' : "· {$column->hint}";
                                @endphp
                                <td>@include('import.holds', ['column' => $column]){{ $hintWords }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        </section>
    </div>
</div>
