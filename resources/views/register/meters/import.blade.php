<div class="head bare"><div><div class="crumbs"><a href="/meters">Meters</a></div><h2>Readings from a file</h2><div class="meta">@if ($row)<span>{{ $row->file_name }}: {{ $w->count($count, 'reading') }}</span>@else<span>One CSV file: {{ implode(', ', $columns) }}. The check takes nothing; then all of it is taken, or nothing.</span>@endif</div></div></div>
<div class="body whole"><div class="secs form"><x-said/>
@if ($row === null)
<form method="post" action="/meters/import" enctype="multipart/form-data" hx-boost="false">@csrf<div class="field"><label>CSV file<br><input type="file" name="file" accept=".csv,text/csv" required></label>@error('file')<span class="error" role="alert">{{ $message }}</span>@enderror</div><div class="buttons"><button class="btn strong">Check the file</button><a class="btn" href="/meters/import/template" hx-boost="false">A template</a></div></form>
<p class="quiet small">Comma or semicolon, decimal point or comma. Times are those of {{ $site->name }}. The meter may be left out where an asset has one.</p>
@elseif ($row->loaded_at !== null)<p>This file was taken already.</p>
@elseif ($problems === [])<p>Every row is good.</p><form method="post" action="/meters/import/{{ $row->id }}" class="buttons">@csrf<button class="btn strong">Take {{ $w->count($count, 'reading') }}</button><a class="btn" href="/meters/import">Another file</a></form>
@else<p><b>{{ $w->count(count($problems), 'cell') }} cannot be taken, so nothing can be taken yet.</b> Mend the file and choose it again; a reading that is right though it looks wrong is taken by hand.</p>
<table><thead><tr><th class="r">row</th><th>column</th><th>what is wrong</th></tr></thead><tbody>@foreach (array_slice($problems, 0, 200) as $problem)<tr><td class="r">{{ $problem['row'] }}</td><td class="tag">{{ $problem['column'] }}</td><td>{{ $problem['message'] }}</td></tr>@endforeach</tbody></table><p><a class="btn" href="/meters/import">Choose it again</a></p>@endif
</div></div>
