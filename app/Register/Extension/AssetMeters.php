<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Register\Models\Meter;
use Sundial\Access\Right;

/** The meters on an asset's sheet. */
final class AssetMeters implements SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function position(): int
    {
        return 30;
    }

    public function title(): string
    {
        return 'Meters';
    }

    public function right(): Right
    {
        return Right::SeeOwnLine;
    }

    public function view(Subject $subject): array
    {
        $meters = Meter::query()->where('asset_id', $subject->id)->orderBy('name')->get();

        return ['register.meters.section', ['meters' => $meters, 'assetId' => $subject->id], $meters->count()];
    }
}
