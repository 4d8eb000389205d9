<?php

declare(strict_types=1);

namespace Sundial\Work\Failure;

use Sundial\Work\OrderType;

/** What was told of a failure on an order, and whether the order counts as one. */
enum FailureTold
{
    /** Nothing yet. */
    case Nothing;
    /** What failed. */
    case Failure;
    /** That nothing did. */
    case None;

    /** What is told counts; until then work counts that nobody had planned, and that no schedule asked for. */
    public function counts(OrderType $type, bool $coversVisits): bool
    {
        return match ($this) {
            self::Failure => true,
            self::None => false,
            self::Nothing => $type->asksWhatFailed($coversVisits),
        };
    }
}
