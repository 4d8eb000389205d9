<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;

/** The schedules whose next visit may stand elsewhere once days of rest have changed. */
final readonly class MovableOffRest
{
    /** Days on either side of a changed day within which a visit can move because of it. */
    private const AROUND = 31;

    /**
     * @param  LocalDate|null  $day  the day that changed; null: the whole working week
     * @return list<int>
     */
    public function ids(int $siteId, ?LocalDate $day): array
    {
        return array_values(
            $this->open($siteId)
                ->when(
                    $day !== null,
                    static fn (Builder $some) => $day === null ? $some : self::near($some, $siteId, $day),
                )
                ->orderBy('id')
                ->pluck('id')
                ->all(),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Schedule> those of them that may still move, in order of id
     */
    public function locked(int $siteId, array $ids): Collection
    {
        return $this->open($siteId)->whereKey($ids)->orderBy('id')->lockForUpdate()->get();
    }

    /** @return Builder<Schedule> those whose next visit has no order and is moved off days of rest */
    private function open(int $siteId): Builder
    {
        return Schedule::standings()
            ->where('schedule_standings.site_id', $siteId)
            ->where('ended', false)
            ->whereNull('visit_id')
            ->whereNull('held_from')
            ->where('non_working', '<>', NonWorking::Keep->value);
    }

    /**
     * @param  Builder<Schedule>  $some
     * @return Builder<Schedule>
     */
    private static function near(Builder $some, int $siteId, LocalDate $day): Builder
    {
        $around = [(string) $day->plusDays(-self::AROUND), (string) $day->plusDays(self::AROUND)];

        return $some->where(
            static fn (Builder $any) => $any
                ->whereBetween('next_point_on', $around)
                ->orWhereIn(
                    'id',
                    static fn ($coming) => $coming
                        ->from('coming_visits')
                        ->where('site_id', $siteId)
                        ->whereBetween('planned_on', $around)
                        ->select('schedule_id'),
                ),
        );
    }
}
