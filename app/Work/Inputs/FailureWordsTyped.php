<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use Sundial\Work\Failure\FailureKind;

/** A failure's words as a form carries them: a field for each kind. */
final class FailureWordsTyped
{
    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        $rules = ['none_because' => ['nullable', 'string', 'max:250']];
        foreach (FailureKind::cases() as $kind) {
            $rules[$kind->value] = ['nullable', 'string', 'max:60'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public static function attributes(): array
    {
        $names = ['none_because' => 'why it was no failure'];
        foreach (FailureKind::cases() as $kind) {
            $names[$kind->value] = mb_strtolower($kind->label());
        }

        return $names;
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, ?string> by kind
     */
    public static function of(array $given): array
    {
        $words = [];
        foreach (FailureKind::cases() as $kind) {
            $words[$kind->value] = isset($given[$kind->value]) ? (string) $given[$kind->value] : null;
        }

        return $words;
    }
}
