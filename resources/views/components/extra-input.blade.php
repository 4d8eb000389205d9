@props(['field', 'typed' => '', 'documents' => [], 'bare' => false, 'money' => ''])
@php
    [$key, $id] = ["extra.{$field->id}", ($bare ? 'x-' : 'f-') . "extra-{$field->id}"];
    $error = $errors->first($key);
@endphp

<div class="field">
    @php
        $typeWords = $field->type->value === 'money' ? ", {$money}" : '';
    @endphp
    <label for="{{ $id }}"
        @class(['hush' => $bare])>{{ $field->label() }}{{ $typeWords }}
        @if ($field->required)
            <span class="needed">· needed</span>
        @endif
    </label>
    @if (
        $field->type->value === 'choice' ||
            $field->type->value === 'yes or no' ||
            $field->type->value === 'document')
        <select id="{{ $id }}" name="extra[{{ $field->id }}]"
            @if ($error) aria-invalid="true" @endif>
            <option value=""></option>
            @if ($field->type->value === 'document')
                @foreach ($documents as $document)
                    <option value="{{ $document->id }}" @selected((string) $document->id === (string) $typed)>
                        {{ $document->name }}</option>
                @endforeach
            @else
                @php
                    $typeRows =
                        $field->type->value === 'yes or no' ? ['yes', 'no'] : $field->choices;
                @endphp
                @foreach ($typeRows as $choice)
                    <option value="{{ $choice }}" @selected($choice === $typed)>
                        {{ $choice }}</option>
                @endforeach
            @endif
        </select>
        @if ($field->type->value === 'document' && count($documents) === 0)
            <span class="quiet small">No document is kept here yet: add one under Photos and
                documents,
                then choose it.</span>
        @endif
    @else
        <input id="{{ $id }}" name="extra[{{ $field->id }}]"
            value="{{ $typed }}"
            type="{{ ['date' => 'date', 'link' => 'url'][$field->type->value] ?? 'text' }}"
            @if (in_array($field->type->value, ['number', 'money'], true)) inputmode="decimal" @endif
            @if ($error) aria-invalid="true" @endif
            @if ($field->type->value === 'link') placeholder="https://" @endif>
    @endif
    @if ($error)
        <span class="error">{{ $error }}</span>
    @endif
</div>
