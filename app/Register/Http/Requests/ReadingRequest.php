<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Platform\Sites\Site;
use App\Register\Inputs\ReadingInput;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;

/** The form with which one reading is taken. */
final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'shown' => ['required', 'string', 'max:20'],
            'at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'turn' => ['nullable', 'in:confirmed,rolled over,replaced'],
            'old_final' => ['nullable', 'string', 'max:20'],
            'note' => ['nullable', 'string', 'max:250'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shown.required' => 'Type what the meter shows.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['shown' => 'reading', 'at' => 'time'];
    }

    /** Times are those of the site's clocks. */
    public function said(Site $site): ReadingInput
    {
        $given = $this->validated();

        return new ReadingInput(
            $given['shown'],
            isset($given['at'])
                ? (new DateTimeImmutable($given['at'], $site->zone()))->setTimezone(new DateTimeZone('UTC'))
                : null,
            $given['turn'] ?? '',
            $given['old_final'] ?? null,
            $given['note'] ?? null,
        );
    }
}
