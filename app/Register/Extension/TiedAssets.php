<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Register\Models\Asset;
use Sundial\Access\Right;

/** What stands still when an asset does, on its sheet. */
final readonly class TiedAssets implements SheetSection
{
    public function kind(): string
    {
        return 'asset';
    }

    public function title(): string
    {
        return 'Stopped with it';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 60;
    }

    public function view(Subject $subject): array
    {
        $others = Asset::query()
            ->whereIn(
                'tie_id',
                Asset::query()->whereKey($subject->id)->whereNotNull('tie_id')->select('tie_id'),
            )
            ->where('id', '<>', $subject->id)
            ->orderBy('tag')
            ->get(['id', 'tag', 'name']);

        return [
            'register.tied',
            ['others' => $others, 'assetId' => $subject->id],
            $others->count() ?: null,
        ];
    }
}
