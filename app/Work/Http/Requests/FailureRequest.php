<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\Site;
use App\Work\Inputs\FailureWordsTyped;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\InvalidInput;
use Sundial\Work\Failure\FailureWords;

/** The form of a failure record. */
final class FailureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...FailureWordsTyped::rules(),
            'failed_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'done' => ['nullable', 'string', 'max:5000'],
            'left_to_do' => ['nullable', 'string', 'max:5000'],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['failed_at' => 'when it failed', ...FailureWordsTyped::attributes()];
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

        return FailureWords::of(FailureWordsTyped::of($given), $at);
    }
}
