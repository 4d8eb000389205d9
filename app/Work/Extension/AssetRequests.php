<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Work\Models\Restriction;
use App\Work\Queries\AssetHolds;
use App\Work\Queries\SimilarRequests;
use Sundial\Access\Right;
use Sundial\Register\ShortCode;

/** On the sheet of an asset: what is reported and waits, how it may run meanwhile, and the way to report more. */
final readonly class AssetRequests implements SheetAction, SheetSection
{
    public function __construct(private SimilarRequests $open, private AssetHolds $holds)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 5;
    }

    public function title(): string
    {
        return 'Requests';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $asset = (new Asset())->newFromBuilder(['id' => $subject->id, 'site_id' => $subject->siteId]);
        $requests = $this->holds->has($subject->id, 'requests') ? ($this->open)($asset) : collect();
        $restrictions = $this->holds->has($subject->id, 'restrictions')
            ? Restriction::standing()->where('asset_id', $subject->id)->orderBy('id')->get()
            : collect();

        return $requests->isEmpty() && $restrictions->isEmpty()
            ? ['', [], null]
            : [
                'work.requests.section',
                [
                    'requests' => $requests,
                    'restrictions' => $restrictions,
                    'mayLift' => Rights::has(Right::PlanOrders),
                ],
                $requests->count(),
            ];
    }

    public function offer(Subject $subject): ?array
    {
        return Rights::has(Right::ReportStops)
            ? [
                'label' => 'Report a fault',
                'href' => '/report/'.ShortCode::of($subject->id)->code,
                'strong' => false,
            ]
            : null;
    }
}
