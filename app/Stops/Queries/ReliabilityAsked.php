<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Sites\Site;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;

/** Of what the reliability is asked: a period of a site, when its assets are wanted, and within what. */
final readonly class ReliabilityAsked
{
    private const WHOLE_DAY = ['00:00', '24:00'];

    private function __construct(
        public Site $site,
        public Span $period,
        public SpanSet $required,
        public ?string $path = null,
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

    /** Of a place or an asset and all that stands inside it. */
    public function within(?string $path): self
    {
        return new self($this->site, $this->period, $this->required, $path);
    }
}
