@props(['of', 'labels' => []])
@php($stale = session('stale'))
<input type="hidden" name="version" value="{{ $stale['version'] ?? old('version', $of->version) }}">
@if ($errors->has('stale'))
    <div class="note bad" role="alert"><b>{{ $errors->first('stale') }}</b>
        <ul>
            @foreach ($labels as $field => $label)
                @if (array_key_exists($field, $stale ?? []) && (string) $stale[$field] !== (string) old($field))
                    <li>{{ $label }}: stands as “{{ $stale[$field] }}”, you typed
                        “{{ is_array(old($field)) ? implode(', ', old($field)) : old($field) }}”
                    </li>
                @endif
            @endforeach
        </ul>
    </div>
@endif
