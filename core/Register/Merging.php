<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Support\InvalidInput;

/**
 * What becomes of the facts of two records that turn out to be one asset: what the kept one lacks is filled from the
 * other.
 */
final readonly class Merging
{
    /**
     * @param  array<string, string|int|null>  $filled  facts that the kept one lacked, from the other
     * @param  array<string, array{string|int|null, string|int|null}>  $differ facts that both have and that
     *     differ: the kept one's, which stays, and the other's
     */
    private function __construct(public array $filled, public array $differ)
    {
    }

    /**
     * @param  array<string, string|int|null>  $kept  facts by name; null or "" for none
     * @param  array<string, string|int|null>  $gone
     *
     * @throws InvalidInput when they are one record already, or one stands inside the other
     */
    public static function of(
        array $kept,
        TreePath $keptPath,
        string $keptName,
        array $gone,
        TreePath $gonePath,
        string $goneName,
    ): self {
        if ($keptPath->path === $gonePath->path) {
            throw InvalidInput::because(
                'same',
                'other',
                "{$keptName} is this asset itself. Give the tag of the other record of it.",
            );
        }
        if ($keptPath->holds($gonePath) || $gonePath->holds($keptPath)) {
            [$inner, $outer] = $keptPath->holds($gonePath) ? [$goneName, $keptName] : [$keptName, $goneName];
            throw InvalidInput::because(
                'inside',
                'other',
                "{$inner} stands inside {$outer}, so they are not one and the same. Move {$inner} out first if ".
                    'they are.',
            );
        }
        $has = static fn (string|int|null $value): bool => $value !== null && $value !== '';
        $filled = array_filter(
            $gone,
            static fn (string|int|null $value, string $fact): bool => $has($value) && ! $has($kept[$fact] ?? null),
            ARRAY_FILTER_USE_BOTH,
        );
        $differ = [];
        foreach ($gone as $fact => $value) {
            if ($has($value) && $has($kept[$fact] ?? null) && (string) $kept[$fact] !== (string) $value) {
                $differ[$fact] = [$kept[$fact], $value];
            }
        }

        return new self($filled, $differ);
    }
}
