<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** What becomes of a wish to take something: done, or asked first because others lose what was promised to them. */
final readonly class Taking
{
    /** @param  array<string, int>  $takesFrom  thousandths by order, the last that was approved first */
    private function __construct(public bool $isDone, public array $takesFrom, public PromisedStock $after)
    {
    }

    /** @param  array<string, int>  $takesFrom */
    public static function done(PromisedStock $after, array $takesFrom): self
    {
        return new self(true, $takesFrom, $after);
    }

    /** @param  array<string, int>  $takesFrom */
    public static function asks(PromisedStock $asItStands, array $takesFrom): self
    {
        return new self(false, $takesFrom, $asItStands);
    }
}
