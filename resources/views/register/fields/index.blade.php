<div class="head bare">
    <div>
        <h2>Extra fields</h2>
        <div class="meta">What your plant keeps about its assets besides what every plant keeps;
            for all assets or for
            one class.</div>
    </div>
    <div class="acts"><a class="btn strong" href="/setup/fields/new">Add a field</a></div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @if ($fields->isEmpty())
            <p class="quiet">No extra field yet.</p>
        @else
            <div class="scroll">
                <table class="table-narrow">
                    <thead>
                        <tr>
                            <th>field</th>
                            <th>holds</th>
                            <th>for</th>
                            <th class="drop">needed</th>
                            <th class="r">filled in</th>
                            <th></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($fields as $field)
                            <tr @class(['quietly' => $field->retired])>
                                @php
                                    $retiredWords = $field->retired ? ' (retired)' : '';
                                @endphp
                                <td><a
                                        href="/setup/fields/{{ $field->id }}">{{ $field->name }}</a>{{ $retiredWords }}
                                </td>
                                @php
                                    $choicesWords = $field->choices
                                        ? ': ' . implode(', ', $field->choices)
                                        : '';
                                    $unitWords = $field->unit ? " in {$field->unit}" : '';
                                @endphp
                                <td>{{ $field->type->value }}{{ $unitWords }}{{ $choicesWords }}
                                </td>
                                <td>{{ $field->class->name ?? 'all assets' }}</td>
                                <td class="drop">{{ $field->required ? 'yes' : '' }}</td>
                                <td class="r">{{ $held[$field->id] ?? 0 }}</td>
                                <td class="r">
                                    @if (!$field->retired)
                                        <form method="post"
                                            action="/setup/fields/{{ $field->id }}/move"
                                            class="nudge">@csrf<button class="btn slim"
                                                name="to" value="up"
                                                aria-label="{{ $field->name }} up">↑</button><button
                                                class="btn slim" name="to" value="down"
                                                aria-label="{{ $field->name }} down">↓</button>
                                        </form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </div>
</div>
