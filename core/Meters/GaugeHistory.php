<?php

declare(strict_types=1);

namespace Sundial\Meters;

/** What a schedule asks of the readings of its gauge. */
interface GaugeHistory
{
    /**
     * The readings that stand and were taken after an instant.
     *
     * @param  int  $instant  epoch seconds
     * @return array<int, CounterReading> by their ids, oldest first
     */
    public function since(int $instant): array;
}
