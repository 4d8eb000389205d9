<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;

/** What else must happen in an emergency: at a site, and where it is of a class. */
final readonly class EmergencyDuties
{
    /** @return list<string> of a class alone, or of the site for all */
    public function set(int $siteId, ?int $classId): array
    {
        return array_values(
            DB::table('emergency_duties')
                ->where('site_id', $siteId)
                ->where('class_id', $classId)
                ->orderBy('position')
                ->pluck('what')
                ->all(),
        );
    }

    /** @return list<string> those of the site, then those of the class */
    public function for(int $siteId, ?int $classId): array
    {
        return [...$this->set($siteId, null), ...$classId === null ? [] : $this->set($siteId, $classId)];
    }
}
