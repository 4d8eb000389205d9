<?php

declare(strict_types=1);

namespace Sundial\Work\Many;

use Sundial\Work\OrderMove;

/** What is changed on many orders at once. */
enum ChangeOfMany: string
{
    case Team = 'team';
    case Person = 'person';
    case Planned = 'planned';
    case Due = 'due';
    case Priority = 'priority';
    case Stage = 'stage';
    case Approve = 'approve';
    case Hold = 'hold';
    case Resume = 'resume';
    case Cancel = 'cancel';

    /** The move of the state that it is; null where it sets a fact. */
    public function move(): ?OrderMove
    {
        return match ($this) {
            self::Approve => OrderMove::Approve,
            self::Hold => OrderMove::Hold,
            self::Resume => OrderMove::Resume,
            self::Cancel => OrderMove::Cancel,
            default => null,
        };
    }

    /** Whether it can be taken back: facts hold again what they held, what was approved or cancelled stays so. */
    public function canBeUndone(): bool
    {
        return $this->move() === null || $this === self::Hold;
    }

    public function label(): string
    {
        return match ($this) {
            self::Planned => 'planned day',
            self::Due => 'due day',
            self::Hold => 'put on hold',
            self::Resume => 'go on with',
            default => $this->value,
        };
    }
}
