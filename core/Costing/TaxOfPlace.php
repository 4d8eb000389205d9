<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** The tax on what is recharged: that of the nearest place above that has one, or of the site. */
final readonly class TaxOfPlace
{
    /**
     * @param  string  $path  from the site down, "/L1/L7/A12/": places are L and their numbers
     * @param  array<int, int>  $places  ten-thousandths of a percent by place
     * @param  int|null  $site  that of the site
     * @return array{int, int|null} the rate, 0 where nothing is set, and the place that sets it; null: the site
     */
    public static function nearest(string $path, array $places, ?int $site): array
    {
        foreach (array_reverse(explode('/', trim($path, '/'))) as $part) {
            $id = str_starts_with($part, 'L') ? (int) substr($part, 1) : 0;
            if (isset($places[$id])) {
                return [$places[$id], $id];
            }
        }

        return [$site ?? 0, null];
    }
}
