<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\TodayCard;
use App\Platform\Frame\Dial;
use App\Platform\Frame\Wording;
use App\Platform\Today\Group;
use App\Platform\Today\Line;
use App\Register\Models\Meter;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;

/** On Today: gauges whose last readings lie beyond a limit. */
final readonly class GaugesToday implements TodayCard
{
    private const LINES = 6;

    public function __construct(private Wording $words)
    {
    }

    public function groups(int $siteId, LocalDate $today): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $meters = Meter::query()
            ->with('asset:id,tag,name')
            ->where('site_id', $siteId)
            ->whereNotNull('beyond')
            ->orderBy('last_at')
            ->limit(50)
            ->get();
        $lines = $meters
            ->take(self::LINES)
            ->map(
                fn (Meter $meter): Line => new Line(
                    Dial::svg(Nearness::Late, 1200),
                    $meter->name,
                    $meter->asset->tag,
                    "{$meter->text($meter->last_shown)}, {$meter->standingText()} · read ".
                    "{$this->words->relative((string) $meter->last_on)} · {$meter->asset->name}",
                    Nearness::Late->value,
                    "/meters/{$meter->id}",
                    ['label' => 'Open', 'href' => "/meters/{$meter->id}", 'method' => 'get'],
                ),
            );

        return $meters->isEmpty()
            ? []
            : [
                new Group(
                    'beyond',
                    'Beyond its limits',
                    false,
                    9,
                    array_values($lines->values()->all()),
                    $meters->count(),
                    '/meters',
                ),
            ];
    }
}
