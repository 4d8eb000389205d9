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
use App\Stops\Models\Stop;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** On Today: what is down right now. */
final readonly class DownToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private Wording $words, private Clock $clock)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $stops = Stop::standing()
            ->with('asset:id,tag,name')
            ->where('site_id', $siteId)
            ->whereNotNull('open_on')
            ->orderBy('from_at')
            ->limit(50)
            ->get();
        $lines = $stops->take(self::LINES)->map(function (Stop $stop): Line {
            $minutes = $stop->span()->minutes($this->clock->now());

            return new Line(
                Post::svg('on hold', true),
                $stop->asset->name,
                $stop->asset->tag,
                "down for {$this->words->lasting($minutes)}, {$stop->reason}".($stop->planned ? ' (planned)' : ''),
                $stop->planned ? '' : 'late',
                "/assets/{$stop->asset_id}#stops",
                ['label' => 'Open', 'href' => "/assets/{$stop->asset_id}#stops", 'method' => 'get'],
            );
        });

        return $stops->isEmpty()
            ? []
            : [new Group('down', 'Down now', false, 7, array_values($lines->values()->all()), $stops->count(), null)];
    }
}
