<?php

declare(strict_types=1);

namespace Sundial\Work;

/** How one order hangs together with another. */
enum LinkKind: string
{
    case Follows = 'follows';
    case CausedBy = 'caused by';
    case BelongsWith = 'belongs with';

    /** The same, read from the other order. */
    public function back(): string
    {
        return match ($this) {
            self::Follows => 'is followed by',
            self::CausedBy => 'was the cause of',
            self::BelongsWith => 'belongs with',
        };
    }
}
