<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Stores\Queries\FitsOf;
use Sundial\Access\Right;

/** The spare-parts list on an asset's sheet. */
final readonly class AssetFits implements SheetSection
{
    public function __construct(private FitsOf $fits)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Parts';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 50;
    }

    public function view(Subject $subject): array
    {
        [$fits, $pieces] = $this->fits->onAsset($subject->id);

        return ['stores.fits', ['fits' => $fits, 'pieces' => $pieces, 'assetId' => $subject->id], count($fits)];
    }
}
