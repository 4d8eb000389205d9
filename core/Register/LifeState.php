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
}
