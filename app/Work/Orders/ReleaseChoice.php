<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Models\Schedule;
use App\Platform\Sites\Site;
use Illuminate\Database\Eloquent\Builder;
use Sundial\Calendar\LocalDate;

/** Which part of a site is released, and up to which day its leads are taken as come. */
final readonly class ReleaseChoice
{
    /** @param  list<int>  $schedules  only these; all where none is named */
    private function __construct(
        public LocalDate $until,
        private ?string $under,
        private array $schedules,
        private bool $whole,
    ) {
    }

    public static function all(LocalDate $today): self
    {
        return new self($today, null, [], true);
    }

    /**
     * @param  string|null  $under  the path of a place; its assets and those below it
     * @param  list<int>  $schedules
     */
    public static function part(LocalDate $until, ?string $under, array $schedules): self
    {
        return new self($until, $under, $schedules, false);
    }

    /** Whether it is what the site releases by itself. */
    public function isWhole(): bool
    {
        return $this->whole;
    }

    /**
     * @return Builder<Schedule> those whose lead has come, unless the rule of a schedule says otherwise when it
     *     is looked at
     */
    public function due(Site $site): Builder
    {
        return $this->narrow(Schedule::free(), $site)->where('release_on', '<=', (string) $this->until);
    }

    /** @template T of Builder
     * @param  T  $query  of schedules
     * @return T */
    public function narrow(Builder $query, Site $site): Builder
    {
        $query->where('schedule_standings.site_id', $site->id);
        if ($this->schedules !== []) {
            $query->whereIn('schedules.id', $this->schedules);
        }
        if ($this->under !== null) {
            $query->whereIn(
                'schedules.asset_id',
                fn ($assets) => $assets
                    ->from('assets')
                    ->where('path', 'like', "{$this->under}%")
                    ->select('id'),
            );
        }

        return $query;
    }
}
