<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Access\Right;

/** Finds lines by the tag and name of their asset, and products. */
final class JumpToStops implements JumpSource
{
    public function find(string $text, array $words, int $siteId, int $most): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $products = Matching::words(
            DB::table('products')->where('site_id', $siteId)->where('retired', 0),
            $words,
            ['number', 'name'],
        )->limit($most)->selectRaw("id, number as tag, name, 'product' as kind");
        $found = Matching::words(
            DB::table('plant_lines as l')
                ->join('assets as a', 'a.id', '=', 'l.asset_id')
                ->where('l.site_id', $siteId)
                ->where('l.retired', 0),
            $words,
            ['a.tag', 'a.name'],
        )
            ->limit($most)
            ->selectRaw("l.id, a.tag, a.name, 'line' as kind")
            ->unionAll($products)
            ->get()
            ->filter(static fn (stdClass $one): bool => $one->kind === 'line' || Rights::has(Right::WriteRegister));

        return array_values($found->map(static fn (stdClass $one): Hit => new Hit(
            $one->kind,
            $one->name,
            $one->tag,
            $one->kind === 'line' ? 'its shift now' : 'product',
            $one->kind === 'line' ? "/lines/{$one->id}" : '/products',
        ))->all());
    }

    public function names(int $siteId): iterable
    {
        return DB::table('products')->where('site_id', $siteId)->where('retired', 0)->limit(2000)->pluck('name');
    }
}
