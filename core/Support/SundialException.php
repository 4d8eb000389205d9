<?php

declare(strict_types=1);

namespace Sundial\Support;

use Throwable;

/** What every refusal of the core has in common: a neutral code, the field it is about, and a sentence. */
interface SundialException extends Throwable
{
    /** A neutral word for the cause, the same in every language: "invalid_date". */
    public function cause(): string;

    /** The input that was refused, by its name; null where none can be named. */
    public function field(): ?string;
}
