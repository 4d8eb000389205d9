<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Work\Queries\LockedThrough;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Locks the costs of a site up to the end of a month: what was counted in it stays, and what changes later is counted
 * on the first open day. A lock is never taken back.
 */
final readonly class LockCosts
{
    public function __construct(
        private Clock $clock,
        private Audit $audit,
        private SiteDays $days,
        private LockedThrough $locked,
    ) {
    }

    /** Refused: a month that is not over, or is locked already. */
    public function __invoke(Actor $by, int $siteId, int $year, int $month): LocalDate
    {
        return DB::transaction(function () use ($by, $siteId, $year, $month): LocalDate {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $next = $month === 12 ? LocalDate::of($year + 1, 1, 1) : LocalDate::of($year, $month + 1, 1);
            $through = $next->plusDays(-1);
            if (! $through->isBefore($this->days->today($siteId))) {
                throw InvalidInput::because('not_over', 'month', 'This month is not over yet. Lock one that is.');
            }
            $standing = $this->locked->of($siteId);
            if ($standing !== null && ! $through->isAfter($standing)) {
                throw InvalidInput::because('locked_already', 'month', "They are locked through {$standing} already.");
            }
            DB::table('cost_locks')->insert([
                'site_id' => $siteId,
                'through_on' => (string) $through,
                'user_id' => $by->id,
                'who' => $by->name,
                'locked_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                "locked the costs through {$through}",
            );

            return $through;
        });
    }
}
