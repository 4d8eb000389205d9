<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\DaysOfRestChanged;
use App\Platform\Sites\RestDay;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Marks a day on which the site does not work, or (name null) makes it a working day again. */
final readonly class SetRestDay
{
    public function __construct(private Audit $audit, private SiteDays $sites)
    {
    }

    /** @return list<string> what followed, a sentence each */
    public function __invoke(Actor $by, Site $site, LocalDate $day, ?string $name): array
    {
        return DB::transaction(function () use ($by, $site, $day, $name): array {
            $old = RestDay::query()
                ->where('site_id', $site->id)
                ->where('day', (string) $day)
                ->lockForUpdate()
                ->first();
            if ($name === null) {
                $old?->delete();
            } else {
                RestDay::query()->updateOrInsert(
                    ['site_id' => $site->id, 'day' => (string) $day],
                    ['name' => $name],
                );
            }
            $this->sites->forget($site->id);
            $this->audit->record(
                $by,
                Subject::of('site', $site->id, $site->id),
                $name === null ? "made {$day} a working day" : "made {$day} a day of rest",
                ['name' => [$old?->name, $name]],
            );
            $changed = new DaysOfRestChanged($site->id, $day);
            event($changed);

            return $changed->followed;
        });
    }
}
