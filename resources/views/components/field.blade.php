@props([
    'name',
    'label',
    'value' => null,
    'type' => 'text',
    'hint' => null,
    'required' => false,
])
@php
    $key = str_replace(['[', ']'], ['.', ''], $name);
    $id = 'f-' . preg_replace('/[^A-Za-z0-9_-]+/', '-', $key);
    // Several forms of a page ask for the same: each label leads to its own field.
    $page = spl_object_id(request());
    $before = $__env->shared('fieldsBefore', []);
    $before = ($before['of'] ?? null) === $page ? $before : ['of' => $page];
    $before[$id] = ($before[$id] ?? 0) + 1;
    $__env->share('fieldsBefore', $before);
    $id = $before[$id] === 1 ? $id : "{$id}-{$before[$id]}";
    $error = $errors->first($key);
@endphp
<div class="field">
    <label for="{{ $id }}">{{ $label }}@if ($required)
            <span class="needed" aria-hidden="true">· needed</span>
        @endif
    </label>
    @if ($type === 'textarea')
        <textarea id="{{ $id }}" name="{{ $name }}" {{ $attributes }}
            @if ($error) aria-invalid="true" @endif
            aria-describedby="{{ $id }}-hint">{{ $value }}</textarea>
    @elseif ($type === 'select')
        <select id="{{ $id }}" name="{{ $name }}" {{ $attributes }}
            @if ($error) aria-invalid="true" @endif
            @if ($required) required @endif
            aria-describedby="{{ $id }}-hint">{{ $slot }}</select>
    @else
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
            @if ($type !== 'password') value="{{ $value }}" @endif
            {{ $attributes }} @if ($error) aria-invalid="true" @endif
            @if ($required) required @endif
            aria-describedby="{{ $id }}-hint">
    @endif
    <span id="{{ $id }}-hint">
        @if ($error)
            <span class="error">{{ $error }}</span>
            @endif @if ($hint)
                <span class="hint">{{ $hint }}</span>
            @endif
    </span>
</div>
