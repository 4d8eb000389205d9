<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\StopsInPeriod;
use stdClass;

/** At a handover: what is down. */
final readonly class DownAtHandover implements ToldAtHandover
{
    public function __construct(private StopsInPeriod $stops, private Wording $words, private Clock $clock)
    {
    }

    public function position(): int
    {
        return 10;
    }

    public function title(): string
    {
        return 'Down';
    }

    public function lines(int $siteId): array
    {
        $now = $this->clock->now()->getTimestamp();

        return array_values($this->stops->down($siteId)->map(fn (stdClass $one): array => [
            'words' => "{$one->asset} for ".
                $this->words->lasting(intdiv(max(0, $now - ShiftRecord::second($one->from_at)), 60)).
                ": {$one->reason}".($one->planned ? ' (planned)' : ''),
            'href' => "/stops/{$one->id}",
        ])->all());
    }
}
