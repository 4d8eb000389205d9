<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Register\Queries\IsRetired;
use App\Stops\Models\Stop;
use App\Stops\Queries\StopsOf;
use Sundial\Access\Right;

/** On an asset's sheet: whether it is down, its last stops, and the two words that change it. */
final readonly class StopsOfAsset implements SheetAction, SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Stops';
    }

    public function right(): Right
    {
        return Right::SeeOwnLine;
    }

    public function position(): int
    {
        return 45;
    }

    public function view(Subject $subject): array
    {
        $stops = app(StopsOf::class)->asset($subject->id);

        return [
            'stops.section',
            [
                'stops' => $stops->take(StopsOf::MOST),
                'more' => $stops->count() > StopsOf::MOST,
                'open' => $stops->first(static fn (Stop $stop): bool => $stop->to_at === null),
                'failures' => (int) ($stops->first()?->getAttribute('failures') ?? 0),
                'assetId' => $subject->id,
                'mayReport' => Rights::has(Right::ReportStops) && ! $this->isRetired($subject),
            ],
            $stops->count() > StopsOf::MOST ? null : $stops->count(),
        ];
    }

    private function isRetired(Subject $subject): bool
    {
        return app(IsRetired::class)->asset($subject->id);
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::ReportStops) || $this->isRetired($subject)) {
            return null;
        }
        $isDown = app(StopsOf::class)
            ->asset($subject->id)
            ->contains(static fn (Stop $stop): bool => $stop->to_at === null);

        return [
            'label' => $isDown ? 'It runs again' : 'It is down',
            'href' => "/assets/{$subject->id}#stops",
            'strong' => $isDown,
        ];
    }
}
