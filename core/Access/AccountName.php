<?php

declare(strict_types=1);

namespace Sundial\Access;

use Normalizer;

/**
 * The name of an account as it is kept, looked up and counted: compatibility-composed (NFKC, Unicode Standard Annex
 * 15),
 * in lower case, without blanks around it. Spellings that look or compare alike are one name.
 */
final readonly class AccountName
{
    private function __construct(public string $name)
    {
    }

    /** @param  string  $typed  anything; what is no valid UTF-8 becomes a name that nobody has */
    public static function of(string $typed): self
    {
        $composed = Normalizer::normalize($typed, Normalizer::FORM_KC);

        return new self($composed === false ? '' : mb_strtolower(trim($composed)));
    }
}
