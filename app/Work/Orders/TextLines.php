<?php

declare(strict_types=1);

namespace App\Work\Orders;

/** Texts that hold a thing a line, such as tools. */
final class TextLines
{
    /** All lines of several texts, each once; null if there is none. */
    public static function merged(?string ...$texts): ?string
    {
        $lines = array_filter(array_map(trim(...), explode("\n", implode("\n", $texts))));

        return $lines === [] ? null : implode("\n", array_unique($lines));
    }
}
