<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * An ordered list of assets that one person walks.
 *
 * @property int $id
 * @property int $site_id
 * @property string $name
 * @property int $version
 * @property-read Collection<int, Station> $stations
 * @property-read Collection<int, Schedule> $schedules
 */
final class Round extends Record
{
    protected $table = 'rounds';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @return HasMany<Station, $this> */
    public function stations(): HasMany
    {
        return $this->hasMany(Station::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Schedule, $this> */
    public function schedules(): HasMany
    {
        return $this->hasMany(Schedule::class)
            ->orderBy('ended')
            ->orderBy(
                ScheduleStanding::query()->select('next_due_on')->whereColumn('schedule_id', 'schedules.id'),
            );
    }

    public function subject(): Subject
    {
        return Subject::of('round', $this->id, $this->site_id);
    }
}
