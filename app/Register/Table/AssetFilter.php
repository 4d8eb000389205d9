<?php

declare(strict_types=1);

namespace App\Register\Table;

/** What the assets of a site can be filtered by, as an address or a saved filter carries it. */
final class AssetFilter
{
    public const KEYS = [
        'q',
        'near',
        'place',
        'life',
        'class',
        'team',
        'supplier',
        'centre',
        'criticality',
        'expiry',
        'x',
    ];

    /**
     * What can be filtered by, in the one shape that it may have; anything else is left out.
     *
     * @param  array<mixed>  $given
     * @return array<string, mixed>
     */
    public static function from(array $given): array
    {
        $words = array_filter(
            array_diff_key(array_intersect_key($given, array_flip(self::KEYS)), ['x' => 1]),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        $extra = [];
        foreach (is_array($given['x'] ?? null) ? $given['x'] : [] as $id => $value) {
            $value = is_array($value)
                ? array_filter(
                    array_intersect_key($value, ['min' => 1, 'max' => 1]),
                    static fn (mixed $end): bool => is_string($end) && $end !== '',
                )
                : $value;
            if (is_int($id) && $value !== [] && $value !== '' && (is_array($value) || is_string($value))) {
                $extra[$id] = $value;
            }
        }

        return $words + ($extra === [] ? [] : ['x' => $extra]);
    }
}
