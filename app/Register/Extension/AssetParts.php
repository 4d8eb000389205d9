<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Support\Quantity;

/** The spare-parts list on an asset's sheet. */
final readonly class AssetParts implements SheetSection
{
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
        $lines = DB::table('asset_parts')
            ->where('asset_id', $subject->id)
            ->orderBy('name')
            ->get()
            ->map(static function (object $line): object {
                $fitted = Quantity::parse($line->quantity);
                $line->fitted = Quantity::text($fitted, $fitted % 1000 === 0 ? 0 : 3);

                return $line;
            });

        return ['register.assets.parts', ['parts' => $lines, 'assetId' => $subject->id], $lines->count()];
    }
}
