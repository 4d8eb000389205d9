<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Planning\Models\Schedule;
use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Register\Queries\SubtreePath;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\CloseVisits;

/**
 * On the sheet of an asset: when the next visits there and inside it fall close together, the way to make one order
 * of them.
 */
final readonly class DueTogether implements SheetAction
{
    public function __construct(private SiteDays $days)
    {
    }

    public function kind(): string
    {
        return 'asset';
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::Release)) {
            return null;
        }
        $inside = DB::table('assets')->where('path', 'like', app(SubtreePath::class)->path($subject))->select('id');
        $today = $this->days->today((int) $subject->siteId);
        $first = Schedule::joinable()
            ->whereIn('asset_id', $inside)
            ->where('next_due_on', '<=', (string) CloseVisits::lookedForUntil($today))
            ->orderBy('next_due_on')
            ->limit(2)
            ->select('next_due_on')
            ->pluck('next_due_on')
            ->map(static fn (string $day): LocalDate => LocalDate::later($today, LocalDate::parse($day)))
            ->all();

        return count($first) < 2 || ! CloseVisits::are(...$first)
            ? null
            : ['label' => 'Do visits together', 'href' => "/assets/{$subject->id}/together", 'strong' => false];
    }
}
