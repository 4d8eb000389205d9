<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Meter;
use Sundial\Meters\GaugeHistory;

/** The readings of a gauge as a schedule asks for them. */
final readonly class GaugeFacts implements GaugeHistory
{
    public function __construct(private Meter $meter, private MeterHistory $history)
    {
    }

    public function since(int $instant): array
    {
        return $this->history->since($this->meter, $instant);
    }
}
