<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\VisitCompletion;

/**
 * Why the next point of a schedule is what it is: the reasons that its state carries, for words to be made of.
 *
 * What the calendar of the site, a move by hand or a reading add to them is said by its {@see Whereabouts}.
 */
final readonly class Why
{
    private function __construct(
        public CountedFrom $from,
        public ?LocalDate $day,
        public ?Leading $led = null,
        public int $late = 0,
        public int $share = 0,
        public int $carried = 0,
        public int $missed = 0,
        public ?LocalDate $tooNear = null,
        public ?LocalDate $outOfSeason = null,
    ) {
    }

    /** It counts from a day: its first, that on which it was last done, or one that somebody chose. */
    public static function counted(CountedFrom $from, LocalDate $day): self
    {
        return new self($from, $day);
    }

    /**
     * It counts on from a visit that was done or skipped.
     *
     * late: days, or thousandths of the counter's unit where use had made it due; carried: by how much the carry-over
     * moved the next one, in the same unit; tooNear and outOfSeason: the points that gave way.
     */
    public static function completed(CountedFrom $from, LocalDate $day, VisitCompletion $completion): self
    {
        [$date, $use] = [$completion->byDate, $completion->byUse];

        return new self(
            $from,
            $day,
            $completion->led,
            $date->daysLate ?? $use->late ?? 0,
            $date->share ?? $use->share ?? 0,
            $date?->carried() ?? ($use === null ? 0 : $use->next - $use->fixed),
            $completion->missed(),
            $date?->tooNear,
            $date?->outOfSeason,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        $text = static fn (?LocalDate $day): ?string => $day === null ? null : (string) $day;

        return [
            'from' => $this->from->value,
            'day' => $text($this->day),
            'led' => $this->led?->value,
            'late' => $this->late,
            'share' => $this->share,
            'carried' => $this->carried,
            'missed' => $this->missed,
            'too_near' => $text($this->tooNear),
            'out_of_season' => $text($this->outOfSeason),
        ];
    }

    /** @param  array<string, mixed>  $kept  as {@see toArray()} gives it */
    public static function fromArray(array $kept): self
    {
        $kept = Kept::of($kept);
        $led = $kept->text('led');

        return new self(
            CountedFrom::from((string) $kept->text('from')),
            $kept->day('day'),
            $led === null ? null : Leading::from($led),
            $kept->whole('late') ?? 0,
            $kept->whole('share') ?? 0,
            $kept->whole('carried') ?? 0,
            $kept->whole('missed') ?? 0,
            $kept->day('too_near'),
            $kept->day('out_of_season'),
        );
    }
}
