<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Inputs\SecondPerson;
use Illuminate\Foundation\Http\FormRequest;

/** The form with which a count is booked: why it differs, and who else has seen it. */
final class BookCountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'reason' => ['nullable', 'string', 'max:250'],
            'second_id' => ['nullable', OnSite::person($site->id())],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['second_id' => 'second person'];
    }

    public function reason(): ?string
    {
        return $this->validated()['reason'] ?? null;
    }

    public function second(): ?Actor
    {
        return SecondPerson::in($this->validated());
    }
}
