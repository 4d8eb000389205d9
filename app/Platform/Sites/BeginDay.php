<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Clock\Clock;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Lets the capabilities bring a new day of a site into what they keep: once a day, by the first page or by the
 * scheduler, whichever comes first.
 */
final readonly class BeginDay
{
    public function __construct(private Clock $clock, private Dispatcher $events)
    {
    }

    public function __invoke(Site $site): void
    {
        $today = $site->dayOf($this->clock->now());
        if ($site->day_on === (string) $today) {
            return;
        }
        DB::transaction(function () use ($site, $today): void {
            $before = DB::table('sites')->where('id', $site->id)->lockForUpdate()->value('day_on');
            if ($before !== (string) $today) {
                $this->events->dispatch(
                    new DayBegan($site->id, $today, $before === null ? null : LocalDate::parse($before)),
                );
                DB::table('sites')
                    ->where('id', $site->id)
                    ->update(['day_on' => (string) $today]);
            }
        });
        $site->setAttribute('day_on', (string) $today)->syncOriginalAttribute('day_on');
    }
}
