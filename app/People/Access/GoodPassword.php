<?php

declare(strict_types=1);

namespace App\People\Access;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Sundial\Access\PasswordRule;

/** A field that holds a new password: judged by the core's rule against the list of common ones and these names. */
final readonly class GoodPassword implements ValidationRule
{
    /** @param  list<string>  $names  of the person, the account and the sites */
    public function __construct(private array $names)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $common = file(__DIR__.'/common-passwords.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        $reason = is_string($value) ? (new PasswordRule($common, $this->names))->refuses($value) : 'Write a password.';
        if ($reason !== null) {
            $fail($reason);
        }
    }
}
