<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Work\Queries\AssetHolds;
use App\Work\Queries\IsolationsOf;
use Sundial\Access\Right;

/** On the sheet of an asset: what is locked before one works on it, and whether its locks are on. */
final readonly class PointsToLock implements SheetSection
{
    public function __construct(private IsolationsOf $isolations, private AssetHolds $holds)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 60;
    }

    public function title(): string
    {
        return 'Points to lock';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $points = $this->holds->has($subject->id, 'points') ? $this->isolations->points($subject->id) : [];
        $writes = Rights::has(Right::PlanOrders);
        // Who cannot write them sees nothing where there are none.
        if ($points === [] && ! $writes) {
            return ['', [], null];
        }

        return [
            'work.isolation.points',
            [
                'points' => $points,
                'seen' => Seen::mark($points),
                'open' => $points === [] ? collect() : $this->isolations->openOn($subject->id),
                'assetId' => $subject->id,
                'mayWrite' => $writes,
            ],
            count($points) ?: null,
        ];
    }
}
