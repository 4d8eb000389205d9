<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/**
 * Which assets of an order are given the steps of the first: those that have none of their own. What was planned for
 * the order as a whole is the first one's from then on.
 */
final readonly class CopiedSteps
{
    /**
     * @param  list<int>  $copied  places of the steps that are copied, in the list that was given
     * @param  list<int>  $to  the assets that are given them, in the order of the work
     */
    private function __construct(public array $copied, public array $to)
    {
    }

    /**
     * @param  list<int>  $assets  of the order, the first one first
     * @param  list<int|null>  $steps  the asset of each step; null: of the order as a whole
     */
    public static function of(array $assets, array $steps): self
    {
        $first = $assets[0] ?? null;
        $copied = array_keys(
            array_filter($steps, static fn (?int $asset): bool => $asset === null || $asset === $first),
        );

        return new self($copied, array_values(array_diff($assets, array_filter($steps), [$first])));
    }

    public function isNone(): bool
    {
        return $this->copied === [] || $this->to === [];
    }
}
