<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use Sundial\Access\Right;

/** On an asset's sheet: how reliable it was in twelve months. */
final readonly class ReliabilityOfAsset implements SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Reliability';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 46;
    }

    public function view(Subject $subject): array
    {
        // Counted when it is looked at: the sheet does not wait for it.
        return ['stops.of-asset-later', ['assetId' => $subject->id], null];
    }
}
