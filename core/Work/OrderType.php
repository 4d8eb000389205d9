<?php

declare(strict_types=1);

namespace Sundial\Work;

/** What a work order is for; each is planned or unplanned work. */
enum OrderType: string
{
    case Preventive = 'preventive';
    case Inspection = 'inspection';
    case Improvement = 'improvement';
    case Corrective = 'corrective';
    case Emergency = 'emergency';

    /** Whether work of this type counts as planned. */
    public function isPlanned(): bool
    {
        return $this !== self::Corrective && $this !== self::Emergency;
    }

    /**
     * Whether it has to be told what failed before the order is closed. What a schedule asked for is no failure,
     * whatever the type.
     */
    public function asksWhatFailed(bool $coversVisits): bool
    {
        return ! $this->isPlanned() && ! $coversVisits;
    }
}
