<?php

declare(strict_types=1);

namespace Sundial\Register;

/** Where an asset is in its life. */
enum LifeState: string
{
    case InService = 'in service';
    case Standby = 'standby';
    case OutOfService = 'out of service';
    case Retired = 'retired';

    /** Whether its schedules make orders. */
    public function isInUse(): bool
    {
        return $this === self::InService || $this === self::Standby;
    }

    /** What follows from it for the asset's schedules, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::InService => 'Its schedules make orders.',
            self::Standby => 'Its schedules make orders, as for one in service.',
            self::OutOfService => 'Its schedules are held up, and go on when it is back.',
            self::Retired => 'As out of service, and it is no longer offered. Its history stays.',
        };
    }
}
