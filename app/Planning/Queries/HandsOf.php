<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Methods\Hands;
use Illuminate\Support\Facades\DB;

/** Who does the work of methods at a site, where that is said. */
final readonly class HandsOf
{
    /** @return array<int, Hands> by method */
    public function methods(int $siteId, ?int ...$methodIds): array
    {
        $hands = [];
        $rows = DB::table('method_hands')->where('site_id', $siteId)->whereIn('method_id', array_filter($methodIds));
        foreach ($rows->get() as $row) {
            $hands[(int) $row->method_id] = new Hands(
                $row->team_id === null ? null : (int) $row->team_id,
                $row->person_id === null ? null : (int) $row->person_id,
            );
        }

        return $hands;
    }
}
