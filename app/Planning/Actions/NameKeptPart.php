<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Stores\Events\PartsMerged;
use Illuminate\Support\Facades\DB;

/** When two records turn out to be one part, methods name the one that is kept: what they ask for stays the same. */
final readonly class NameKeptPart
{
    public function __invoke(PartsMerged $merged): void
    {
        DB::table('method_parts')->where('part_id', $merged->gone->id)->update(['part_id' => $merged->kept->id]);
    }
}
