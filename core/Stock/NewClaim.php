<?php

declare(strict_types=1);

namespace Sundial\Stock;

/**
 * What a new claim is promised where nobody else's promise changes by it: then the others need not be looked at,
 * however many they are. All in thousandths. Source: design page 6, Stores.
 */
final readonly class NewClaim
{
    /**
     * @param  int  $free  on hand and promised to nobody
     * @param  int  $waitsHere  what others wait for in this store
     * @param  int  $waitsElsewhere  what others wait for of the part in other stores of the site
     * @param  int  $coming  what is on its way to this store
     * @return int|null what it is promised; null: it has to be weighed against the others
     */
    public static function alone(int $wanted, int $free, int $waitsHere, int $waitsElsewhere, int $coming): ?int
    {
        return match (true) {
            // What is free goes by rank.
            $free > 0 && $waitsHere + $waitsElsewhere > 0 => null,
            $wanted <= $free => $wanted,
            // Others give way only as far as something comes on which nobody counts yet.
            $coming <= $waitsHere => max(0, $free),
            default => null,
        };
    }
}
