<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Platform\Subjects;
use App\Register\Inputs\ExpiryInput;
use App\Register\Models\ExpiryDate;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** The form of an expiry date: a new one names what expires, one that stands is corrected, renewed or ended. */
final class ExpiryRequest extends FormRequest
{
    /** Whoever may change the record that it stands on. */
    public function authorize(): bool
    {
        return Gate::allows('update', $this->record());
    }

    /** The record that it stands on. */
    public function record(): Model
    {
        $date = $this->route('date');
        $subjects = app(Subjects::class);
        if ($date instanceof ExpiryDate) {
            return $subjects->find($date->kind, $date->subject_id) ?? abort(404);
        }
        [$kind, $id] = [$this->route('kind'), $this->route('id')];

        return (is_string($kind) && is_string($id) ? $subjects->find($kind, (int) $id) : null) ?? abort(404);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->ends()) {
            return [];
        }

        return [
            'what' => [$this->route('date') === null ? 'required' : 'nullable', 'string', 'max:100'],
            'until' => ['required', 'date_format:Y-m-d'],
            'warn_days' => ['nullable', 'integer', 'min:0', 'max:730'],
            'document_id' => ['nullable', 'integer'],
            'expiry_note' => ['nullable', 'string', 'max:250'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'until' => 'last day',
            'warn_days' => 'days of warning',
            'document_id' => 'document',
            'expiry_note' => 'note',
        ];
    }

    public function said(): ExpiryInput
    {
        if ($this->ends()) {
            return ExpiryInput::end();
        }
        $given = $this->validated();

        return ExpiryInput::of([
            'until' => $given['until'],
            'warn_days' => (int) ($given['warn_days'] ?? 30),
            'document_id' => isset($given['document_id']) ? (int) $given['document_id'] : null,
            'note' => $given['expiry_note'] ?? null,
            'renew' => $this->route('date') !== null && $this->boolean('renew'),
        ] + (isset($given['what']) ? ['what' => $given['what']] : []));
    }

    private function ends(): bool
    {
        return $this->route('date') !== null && $this->boolean('end');
    }
}
