<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use stdClass;

/** At a handover: what stood in the last half day without a reason. */
final readonly class UnsaidAtHandover implements ToldAtHandover
{
    private const MOST = 20;

    public function __construct(private StopsInPeriod $stops, private Wording $words, private Clock $clock)
    {
    }

    public function position(): int
    {
        return 30;
    }

    public function title(): string
    {
        return 'Stops without a reason of the list';
    }

    public function lines(int $siteId): array
    {
        $now = $this->clock->now();
        $slice = StopSlice::of($siteId, $now->modify('-12 hours'), $now)->withoutReason();

        return array_values($this->stops->each($slice, self::MOST)->collect()->map(fn (stdClass $one): array => [
            'words' => "{$one->asset}, {$this->words->instant($one->from_at)}, ".
                $this->words->lasting(intdiv((int) $one->seconds, 60)).", {$one->reason}",
            'href' => "/stops/{$one->id}",
        ])->all());
    }
}
