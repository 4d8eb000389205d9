<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Sites\Site;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;

/** Of what the reliability is asked: a period of a site, when assets are wanted, and of which class. */
final readonly class ReliabilityAsked
{
    private const WHOLE_DAY = ['00:00', '24:00'];

    private function __construct(
        public Site $site,
        public Span $period,
        public SpanSet $required,
        public ?int $classId = null,
    ) {
    }

    public static function roundTheClock(Site $site, Span $period): self
    {
        return new self($site, $period, SpanSet::of($period));
    }

    /** On the working days of the site, from midnight to midnight. */
    public static function onWorkingDays(Site $site, Span $period): self
    {
        $days = array_diff(range(1, 7), $site->restWeekdays());
        $required = RequiredTime::weekly(
            $site->zone(),
            array_values(array_map(static fn (int $day): array => [$day, ...self::WHOLE_DAY], $days)),
            array_values($site->restDays()->pluck('day')->map(static fn (mixed $day): string => (string) $day)->all()),
        );

        return new self($site, $period, $required->within($period));
    }

    public function ofClass(?int $classId): self
    {
        return new self($this->site, $this->period, $this->required, $classId);
    }

    /** The period of an asset: not before it was in service. */
    public function periodSince(?string $inServiceOn): Span
    {
        $from = $inServiceOn === null
            ? 0
            : RequiredTime::midnight(LocalDate::parse($inServiceOn), $this->site->zone());

        return $from <= $this->period->from
            ? $this->period
            : Span::between(min($from, $this->period->to), $this->period->to);
    }

    /** What of the period of an asset it is wanted in. */
    public function requiredIn(Span $period): SpanSet
    {
        return $period === $this->period ? $this->required : $this->required->within($period);
    }

    /** The assets that are counted, named a. */
    public function assets(): Builder
    {
        return DB::table('assets as a')
            ->where('a.site_id', $this->site->id)
            ->whereIn('a.life_state', ['in service', 'standby'])
            ->when($this->classId !== null, fn (Builder $some) => $some->where('a.class_id', $this->classId));
    }
}
