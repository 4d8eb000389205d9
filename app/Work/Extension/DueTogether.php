<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use App\Register\Queries\InsideOf;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** On the sheet of an asset: when the next visits there and inside it fall close together, the way to make one order of them. */
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
        $inside = DB::table('assets')->where('path', 'like', app(InsideOf::class)->path($subject))->select('id');
        $near = DB::table('schedules')->whereIn('asset_id', $inside)->where('ended', false)->whereNull('in_hand')->whereNull('held_from')->whereNull('round_id')
            ->where('next_due_on', '<=', (string) $this->days->today((int) $subject->siteId)->plusDays(28))->limit(3)->count();

        return $near < 2 ? null : ['label' => 'Do visits together', 'href' => "/assets/{$subject->id}/together", 'strong' => false];
    }
}
