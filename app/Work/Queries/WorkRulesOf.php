<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\WorkRules;

/** The rules of a site about who asks, who approves and who closes; none where nothing was set. */
final readonly class WorkRulesOf
{
    public function ofSite(int $siteId): WorkRules
    {
        $row = DB::table('work_rules')->where('site_id', $siteId)->first();

        return $row === null
            ? WorkRules::none()
            : WorkRules::approving(
                array_map(
                    static fn (mixed $cents): ?int => is_int($cents) ? $cents : null,
                    (array) json_decode((string) $row->limits, true),
                ),
                $row->own_above === null ? null : (int) $row->own_above,
            )->closing(Asked::from((string) $row->second_to_close), Asked::from((string) $row->hand_back));
    }
}
