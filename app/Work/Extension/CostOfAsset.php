<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Queries\OrderCosts;
use Sundial\Access\Right;

/** What the work on an asset cost, year by year, for those who may see costs. */
final readonly class CostOfAsset implements SheetSection
{
    public function __construct(private OrderCosts $costs)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 45;
    }

    public function title(): string
    {
        return 'Cost';
    }

    public function right(): Right
    {
        return Right::SeeCosts;
    }

    public function view(Subject $subject): array
    {
        $years = $this->costs->ofAsset($subject->id);

        return $years === []
            ? ['', [], null]
            : ['work.cost-of-asset', ['years' => $years, 'assetId' => $subject->id], null];
    }
}
