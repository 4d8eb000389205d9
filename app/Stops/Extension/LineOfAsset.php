<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Extension\SheetAction;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** On the sheet of an asset that is a line: the way to its shift. */
final readonly class LineOfAsset implements SheetAction
{
    public function kind(): string
    {
        return 'asset';
    }

    public function right(): Right
    {
        return Right::SeeOwnLine;
    }

    public function position(): int
    {
        return 47;
    }

    public function offer(Subject $subject): ?array
    {
        $line = DB::table('plant_lines')->where('asset_id', $subject->id)->where('retired', 0)->value('id');

        return $line === null ? null : ['label' => 'Its shift', 'href' => "/lines/{$line}", 'strong' => false];
    }
}
