<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Inputs\LentTo;
use App\Stores\Inputs\ToolInput;
use App\Stores\Models\Tool;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;

/** The forms of a special tool: what it is, and to whom it is lent. */
final class ToolRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return $this->routeIs('stores.tools.lend')
            ? [
                'to_id' => ['required', OnSite::person($site->id())],
                'back_by' => ['nullable', 'date_format:Y-m-d'],
                'what' => ['nullable', 'string', 'max:200'],
            ]
            : [
                'number' => ['required', 'string', 'max:40', 'regex:/^\S+$/'],
                'name' => ['required', 'string', 'max:120'],
                'place' => ['nullable', 'string', 'max:80'],
                'calibrated_until' => ['nullable', 'date_format:Y-m-d'],
                'note' => ['nullable', 'string', 'max:500'],
            ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['number.regex' => 'A tool number is written without spaces, such as T-014.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['to_id' => 'person', 'back_by' => 'day', 'calibrated_until' => 'day'];
    }

    public function said(?Tool $tool = null): ToolInput
    {
        $given = $this->validated();

        return new ToolInput(
            $given['number'],
            $given['name'],
            $given['place'] ?? null,
            isset($given['calibrated_until']) ? LocalDate::parse($given['calibrated_until']) : null,
            $given['note'] ?? null,
            $tool !== null && ! $this->boolean('in_use'),
        );
    }

    public function lentTo(): LentTo
    {
        $given = $this->validated();

        return new LentTo(
            (int) $given['to_id'],
            isset($given['back_by']) ? LocalDate::parse($given['back_by']) : null,
            $given['what'] ?? null,
        );
    }
}
