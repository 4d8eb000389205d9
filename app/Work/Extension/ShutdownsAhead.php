<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\HorizonMark;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Work\Models\Shutdown;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Shutdowns on the horizon of the site and of what stands in them. */
final readonly class ShutdownsAhead implements HorizonSource
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        if (! in_array($subject->kind, ['site', 'asset'], true)) {
            return [];
        }
        $site = $this->site->get();

        return array_values(
            Shutdown::query()
                ->where('site_id', $site->id)
                ->where('from_at', '<', "{$to->plusDays(2)} 00:00:00")
                ->where('to_at', '>', "{$from->plusDays(-1)} 00:00:00")
                ->when($subject->kind === 'asset', static fn ($some) => $some->whereIn(
                    'id',
                    DB::table('shutdown_assets')->where('asset_id', $subject->id)->select('shutdown_id'),
                ))
                ->limit(20)
                ->get()
                ->map(static fn (Shutdown $one): HorizonMark => HorizonMark::bar(
                    LocalDate::later($from, $site->dayOf($one->window()->from)),
                    $site->dayOf($one->window()->to)->plusDays(1),
                    "{$one->label()} {$one->title}",
                    'in hand',
                    "/shutdowns/{$one->id}",
                ))
                ->all(),
        );
    }
}
