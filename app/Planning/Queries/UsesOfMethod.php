<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Method;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RevisionState;

/** How many schedules of a site make their orders by a method, and which draft of it waits. */
final readonly class UsesOfMethod
{
    /** @return array{schedules: int, draft: int|null} */
    public function __invoke(Method $method, int $siteId): array
    {
        $schedules = DB::table('schedules')
            ->where('method_id', $method->id)
            ->where('site_id', $siteId)
            ->where('ended', false)
            ->selectRaw('COUNT(*)');
        $draft = DB::table('method_revisions')
            ->where('method_id', $method->id)
            ->where('state', RevisionState::Draft->value)
            ->select('number');
        $row = DB::query()->selectSub($schedules, 'schedules')->selectSub($draft, 'draft')->first();

        return [
            'schedules' => (int) $row?->schedules,
            'draft' => $row?->draft === null ? null : (int) $row->draft,
        ];
    }
}
