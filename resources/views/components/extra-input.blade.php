@props(['field', 'typed' => '', 'documents' => [], 'bare' => false, 'money' => ''])
@php([$key, $id] = ["extra.{$field->id}", ($bare ? 'x-' : 'f-')."extra-{$field->id}"])
@php([$shown, $error] = [$bare ? $typed : old($key, $typed), $errors->first($key)])
<div class="field"><label for="{{ $id }}" @class(['hush' => $bare])>{{ $field->label() }}{{ $field->type === Sundial\Register\FieldType::Money ? ", {$money}" : '' }}@if ($field->required) <span class="needed">· needed</span>@endif</label>
@if ($field->type === Sundial\Register\FieldType::Choice || $field->type === Sundial\Register\FieldType::YesNo || $field->type === Sundial\Register\FieldType::Document)
    <select id="{{ $id }}" name="extra[{{ $field->id }}]" @if ($error) aria-invalid="true" @endif><option value=""></option>
    @if ($field->type === Sundial\Register\FieldType::Document) @foreach ($documents as $document)<option value="{{ $document->id }}" @selected((string) $document->id === (string) $shown)>{{ $document->name }}</option>@endforeach
    @else @foreach ($field->type === Sundial\Register\FieldType::YesNo ? ['yes', 'no'] : $field->choices as $choice)<option value="{{ $choice }}" @selected($choice === $shown)>{{ $choice }}</option>@endforeach @endif</select>
@else
    <input id="{{ $id }}" name="extra[{{ $field->id }}]" value="{{ $shown }}" type="{{ ['date' => 'date', 'link' => 'url'][$field->type->value] ?? 'text' }}" @if (in_array($field->type->value, ['number', 'money'], true)) inputmode="decimal" @endif @if ($error) aria-invalid="true" @endif @if ($field->type->value === 'link') placeholder="https://" @endif>
@endif
@if ($error)<span class="error">{{ $error }}</span>@endif</div>
