<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Support\InvalidInput;

/** The permits and precautions of an order: work starts when each is confirmed. */
final readonly class Precautions
{
    /**
     * Lets a start pass when every precaution was confirmed, now or before.
     *
     * @param  array<int, string>  $open  those not confirmed before, by their position
     * @param  list<int>  $confirmed  positions that are confirmed now
     *
     * @throws InvalidInput not_confirmed, naming those that are missing
     */
    public static function check(array $open, array $confirmed): void
    {
        $missing = array_diff_key($open, array_flip($confirmed));
        if ($missing !== []) {
            throw InvalidInput::because(
                'not_confirmed',
                'confirmed',
                'Confirm before the work starts: '.implode('; ', $missing).'.',
                array_keys($missing),
            );
        }
    }
}
