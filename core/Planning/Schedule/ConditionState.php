<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Planning\Trigger\Arming;

/** Where the condition of a schedule stands: from when its readings count, and whether it is armed. */
final readonly class ConditionState
{
    private function __construct(public int $since, public Arming $arming)
    {
    }

    /** @param  int  $since  epoch seconds: readings taken after it count */
    public static function since(int $since, Arming $arming = Arming::Armed): self
    {
        return new self($since, $arming);
    }
}
