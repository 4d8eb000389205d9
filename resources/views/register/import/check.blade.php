@php($locations = count($file->ofKind('location')))
@php($assets = count($file->ofKind('asset')))
<div class="head bare"><div><div class="crumbs"><a href="/register/import">Load the register</a></div><h2>Check of {{ $import->file_name }}</h2></div></div>
<div class="body whole"><div class="secs"><x-said/>@error('file')<p class="said said-bad" role="alert">{{ $message }}</p>@enderror
@if ($import->loaded_at)
    <div class="note">This file is loaded: {{ $import->loaded }} rows, {{ $w->instant($import->loaded_at) }}. <a href="/assets">See the assets</a></div>
@elseif ($file->problems !== [])
    <div class="note bad"><b>{{ $w->count(count($file->problems), 'problem') }}; nothing can be loaded yet.</b> Mend {{ count($file->problems) === 1 ? 'it' : 'them' }} in the file, then <a href="/register/import">choose it again</a>.</div>
    <div class="scroll"><table><thead><tr><th class="r">row</th><th>column</th><th>what is wrong</th></tr></thead><tbody>@foreach (array_slice($file->problems, 0, 200) as $problem)<tr><td class="r">{{ $problem['row'] }}</td><td class="tag">{{ $problem['column'] }}</td><td>{{ $problem['message'] }}</td></tr>@endforeach</tbody></table></div>
    @if (count($file->problems) > 200)<p class="quiet">And {{ count($file->problems) - 200 }} more.</p>@endif
@else
    <p>The file is good. It would add <b>{{ $w->count($locations, 'location') }}</b> and <b>{{ $w->count($assets, 'asset') }}</b> to {{ $site->name }}{{ $newClasses === [] ? '' : ', and make '.$w->count(count($newClasses), 'new class', 'new classes').': '.implode(', ', $newClasses) }}.</p>
    <form method="post" action="/register/import/{{ $import->id }}">@csrf<div class="foot-buttons"><button class="btn strong">Load {{ $w->count($locations + $assets, 'row') }}</button><a class="btn" href="/register/import">Choose another file</a></div></form>
    <section class="part"><h3>The first rows</h3><div class="scroll"><table><thead><tr><th>kind</th><th>tag</th><th>name</th><th>class</th><th>stands in</th></tr></thead><tbody>@foreach (array_slice($file->rows, 0, 25) as $row)<tr><td>{{ $row['kind'] }}</td><td class="tag">{{ $row['tag'] }}</td><td>{{ $row['name'] }}</td><td>{{ $row['class'] }}</td><td class="tag">{{ $row['parent'] ?: $row['place'] }}</td></tr>@endforeach</tbody></table></div></section>
@endif
</div></div>
