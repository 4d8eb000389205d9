<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\Site;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\InvalidInput;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Failure\FailureWords;

/** The form of a failure record. */
final class FailureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $words = [];
        foreach (FailureKind::cases() as $kind) {
            $words[$kind->value] = ['nullable', 'string', 'max:60'];
        }

        return $words + [
            'failed_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'none_because' => ['nullable', 'string', 'max:250'],
            'done' => ['nullable', 'string', 'max:5000'],
            'left_to_do' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = ['failed_at' => 'when it failed', 'none_because' => 'why it was no failure'];
        foreach (FailureKind::cases() as $kind) {
            $names[$kind->value] = mb_strtolower($kind->label());
        }

        return $names;
    }

    /**
     * Times are those of the site's clocks.
     *
     * @throws InvalidInput
     */
    public function said(Site $site): FailureWords
    {
        $given = $this->validated();
        if ($this->boolean('is_none')) {
            return FailureWords::none((string) ($given['none_because'] ?? ''));
        }
        $at = isset($given['failed_at'])
            ? (new DateTimeImmutable($given['failed_at'], $site->zone()))->setTimezone(new DateTimeZone('UTC'))
            : null;
        $words = [];
        foreach (FailureKind::cases() as $kind) {
            $words[$kind->value] = $given[$kind->value] ?? null;
        }

        return FailureWords::of($words, $at);
    }
}
