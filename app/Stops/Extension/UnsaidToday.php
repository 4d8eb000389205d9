<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Post;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use stdClass;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today: what stood in the last days, and nobody said why. */
final readonly class UnsaidToday implements TodayCard
{
    private const DAYS = 3;

    private const LINES = 5;

    private const MOST = 40;

    public function __construct(private StopsInPeriod $stops, private Wording $words, private Clock $clock)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant) || ! Rights::has(Right::ReportStops)) {
            return [];
        }
        $now = $this->clock->now();
        $slice = StopSlice::lately($siteId, $now, self::DAYS)->withoutReason();
        $stops = $this->stops->each($slice, self::MOST)->collect();
        $lines = $stops->take(self::LINES)->map(fn (stdClass $one): Line => new Line(
            Post::svg('on hold', true),
            $one->asset,
            $one->tag,
            "{$this->words->instant($one->from_at)}, {$this->words->lasting(intdiv((int) $one->seconds, 60))}, ".
                $one->reason,
            '',
            "/stops/{$one->id}",
            ['label' => 'Say why', 'href' => "/stops/{$one->id}#why", 'method' => 'get'],
        ));

        return $stops->isEmpty() ? [] : [new Group(
            'unsaid',
            'Stood without a reason of the list',
            false,
            8,
            array_values($lines->all()),
            $stops->count(),
            '/stops#without',
        )];
    }
}
