<div class="head bare"><div><h2>Equipment classes</h2></div></div>
<div class="body whole"><div class="secs form"><x-said/>
@error('name')<p class="said said-bad" role="alert">{{ $message }}</p>@enderror @error('stale')<p class="said said-bad" role="alert">{{ $message }}</p>@enderror
<table><thead><tr><th>class</th><th class="r">assets</th></tr></thead><tbody>@foreach ($classes as $class)<tr><td><form class="inline-form" method="post" action="/setup/classes/{{ $class->id }}">@csrf @method('put')<input type="hidden" name="version" value="{{ $class->version }}"><input name="name" value="{{ $class->name }}" aria-label="Name of class {{ $class->name }}" required maxlength="60"><button class="btn slim">Rename</button></form></td><td class="r">{{ $counts[$class->id] ?? 0 }}</td></tr>@endforeach</tbody></table>
<form class="inline-form" method="post" action="/setup/classes">@csrf<x-once/><div class="field"><label>New class<br><input name="name" required maxlength="60"></label></div><button class="btn strong">Add the class</button></form>
</div></div>
