<div class="head bare"><div><h2>Extra fields</h2><div class="meta">What your plant keeps about its assets besides what every plant keeps; for all assets or for one class.</div></div><div class="acts"><a class="btn strong" href="/setup/fields/new">Add a field</a></div></div>
<div class="body whole"><div class="secs"><x-said/>
@if ($fields->isEmpty())<p class="quiet">No extra field yet.</p>@else
<div class="scroll"><table class="table-narrow"><thead><tr><th>field</th><th>holds</th><th>for</th><th class="drop">needed</th><th class="r">filled in</th></tr></thead><tbody>
@foreach ($fields as $field)<tr @class(['quietly' => $field->retired])><td><a href="/setup/fields/{{ $field->id }}">{{ $field->name }}</a>{{ $field->retired ? ' (retired)' : '' }}</td><td>{{ $field->type->value }}{{ $field->unit ? " in {$field->unit}" : '' }}{{ $field->choices ? ': '.implode(', ', $field->choices) : '' }}</td><td>{{ $field->class->name ?? 'all assets' }}</td><td class="drop">{{ $field->required ? 'yes' : '' }}</td><td class="r">{{ $held[$field->id] ?? 0 }}</td></tr>@endforeach
</tbody></table></div>@endif
</div></div>
