<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Finds parts by number and name. */
final class JumpToParts implements JumpSource
{
    public function find(string $text, array $words, int $siteId, int $most): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }

        $parts = Matching::words(DB::table('parts')->where('retired', false), $words, ['number', 'name'])
            ->orderBy('name')
            ->limit($most)
            ->get(['id', 'number', 'name'])
            ->all();

        return array_values(
            array_map(
                static fn (object $part): Hit => new Hit(
                    'part',
                    $part->name,
                    $part->number,
                    'part',
                    "/parts/{$part->id}",
                ),
                $parts,
            ),
        );
    }

    public function names(int $siteId): iterable
    {
        return DB::table('parts')->where('retired', false)->limit(5000)->pluck('name');
    }
}
