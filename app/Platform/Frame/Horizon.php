<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Extension\Extensions;
use App\Platform\Subject;
use Sundial\Calendar\LocalDate;

/**
 * The band at the foot: where the marks of what is shown lie in time, in three lanes that do not overlap; crowded
 * days are bundled.
 */
final readonly class Horizon
{
    public const WIDTH = 1204;

    private const LANES = [36, 54, 72];

    /** A label that is cut to less than that says nothing. */
    private const READABLE = 12;

    /** How many marks one day (or bundle of days) may hold one by one. */
    public const CROWD = 3;

    /**
     * @param  list<array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
     *     late: float|null}> $placed
     */
    private function __construct(
        public Subject $subject,
        public string $about,
        public HorizonSpan $span,
        public bool $folded,
        public LocalDate $from,
        public LocalDate $to,
        public LocalDate $today,
        public array $placed,
    ) {
    }

    public static function of(Subject $subject, string $about, LocalDate $today): self
    {
        $span = HorizonSpan::chosen();
        [$back, $ahead] = $span->days();
        [$from, $to] = [$today->plusDays(-$back), $today->plusDays($ahead)];
        $folded = self::isFolded();
        $marks = $folded ? [] : self::bundled(app(Extensions::class)->marks($subject, $from, $to), $span);

        return new self($subject, $about, $span, $folded, $from, $to, $today, self::place($marks, $from, $to));
    }

    /** Whether this person keeps it folded. */
    public static function isFolded(): bool
    {
        return (bool) session('horizon.folded', false);
    }

    public function x(LocalDate $day): float
    {
        return self::xOf($this->from, $this->to, $day);
    }

    /** How many places a day is wide. */
    public function dayWidth(): float
    {
        return round(self::WIDTH / $this->from->daysUntil($this->to), 3);
    }

    /** @return list<LocalDate> the days that are written along the band: Mondays, or firsts of months */
    public function ticks(): array
    {
        $ticks = [];
        if ($this->span === HorizonSpan::Year) {
            for (
                $day = $this->from->firstOfMonth()->plusMonthsClamped(1);
                $day->isBefore($this->to);
                $day = $day->plusMonthsClamped(1)
            ) {
                $ticks[] = $day;
            }

            return $ticks;
        }
        $step = $this->span === HorizonSpan::Week ? 1 : 7;
        for (
            $day = $this->from->plusDays($step === 1 ? 1 : (8 - $this->from->weekday()) % 7);
            $day->isBefore($this->to);
            $day = $day->plusDays($step)
        ) {
            $ticks[] = $day;
        }

        return $ticks;
    }

    /**
     * @param  list<HorizonMark>  $marks by date
     * @return list<HorizonMark>
     */
    private static function bundled(array $marks, HorizonSpan $span): array
    {
        $buckets = [];
        foreach ($marks as $mark) {
            $buckets[intdiv($mark->from->epochDay, $span->bundle())][] = $mark;
        }
        $bundled = [];
        foreach ($buckets as $bucket) {
            $count = array_sum(array_map(static fn (HorizonMark $mark): int => $mark->count, $bucket));
            if ($count <= self::CROWD || count($bucket) === 1) {
                $bundled = [...$bundled, ...$bucket];

                continue;
            }
            $bundled[] = self::together($bucket, $count);
        }

        return $bundled;
    }

    /**
     * What stands on the days of a bundle, by kind, most first: "8 visits, 4 orders, 3 late". It leads to where most of
     * it is listed.
     *
     * @param  non-empty-list<HorizonMark>  $marks
     */
    private static function together(array $marks, int $count): HorizonMark
    {
        $late = 0;
        $kinds = [];
        foreach ($marks as $mark) {
            $late += $mark->state === 'late' ? $mark->count : 0;
            $kinds[$mark->kind->one][] = $mark;
        }
        $counts = array_map(
            static fn (array $some): int => array_sum(
                array_map(static fn (HorizonMark $mark): int => $mark->count, $some),
            ),
            $kinds,
        );
        arsort($counts);
        $said = [];
        foreach ($counts as $one => $many) {
            $said[] = $kinds[$one][0]->kind->count($many);
        }

        $most = $kinds[array_key_first($counts)][0]->kind;

        return HorizonMark::bundle(
            $most,
            $marks[0]->from,
            $count,
            implode(', ', $said).($late > 0 ? ", {$late} late" : ''),
            $late > 0 ? 'late' : 'clear',
            $most->href($marks[0]->from, $late),
        );
    }

    /**
     * Each mark goes into the lane that has been free the longest; its label gets the room up to the next mark there.
     *
     * @param  list<HorizonMark>  $marks
     * @return list<array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
     *     late: float|null}>
     */
    private static function place(array $marks, LocalDate $from, LocalDate $to): array
    {
        $ends = array_fill_keys(self::LANES, -100.0);
        /** @var list<array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
         *     late: float|null}> $placed */
        $placed = [];
        $lastIn = [];
        $half = min(12.0, self::WIDTH / $from->daysUntil($to) / 2);
        foreach ($marks as $mark) {
            // A bar fills its days; a point stands within its own, and not on its edge.
            $begin = self::xOf($from, $to, $mark->from) + ($mark->shape === 'bar' ? 1.0 : $half);
            $x = round(min(self::WIDTH - 10.0, max(8.0, $begin)), 1);
            $width = $mark->shape === 'bar' ? max(10.0, self::xOf($from, $to, $mark->to) - $x - 1.0) : 12.0;
            $lane = (int) array_search(min($ends), $ends, true);
            if (isset($lastIn[$lane])) {
                $placed = self::relabelled($placed, $lastIn[$lane], $x);
            }
            $ends[$lane] = $x + $width;
            $placed[] = [
                'mark' => $mark,
                'x' => $x,
                'width' => $width,
                'y' => $lane,
                'label' => $mark->label,
                'early' => $mark->early === null ? null : max(0.0, self::xOf($from, $to, $mark->early)),
                'late' => $mark->late === null ? null : min((float) self::WIDTH, self::xOf($from, $to, $mark->late)),
            ];
            $lastIn[$lane] = count($placed) - 1;
        }
        foreach ($lastIn as $i) {
            $placed = self::relabelled($placed, $i, (float) self::WIDTH);
        }

        return $placed;
    }

    /**
     * @param  list<array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
     *     late: float|null}>  $placed
     * @return list<array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
     *     late: float|null}> with the label of one as long as there is room for it
     */
    private static function relabelled(array $placed, int $at, float $until): array
    {
        $item = $placed[$at];
        $item['label'] = self::fitted($item, $until);

        return array_values(array_replace($placed, [$at => $item]));
    }

    /**
     * @param  array{mark: HorizonMark, x: float, width: float, y: int, label: string, early: float|null,
     *     late: float|null} $item
     */
    private static function fitted(array $item, float $until): string
    {
        $room = (int) floor(($until - $item['x'] - $item['width'] - 10) / 6.9);
        [$mark, $label] = [$item['mark'], $item['label']];

        return match (true) {
            $room >= mb_strlen($label) => $label,
            $mark->shape === 'bundle' => $room >= 2 ? (string) $mark->count : '',
            $room >= self::READABLE => mb_strimwidth($label, 0, $room, '…'),
            default => self::number($label, $room),
        };
    }

    /** The number or tag with which a label begins, where there is room for that alone. */
    private static function number(string $label, int $room): string
    {
        $first = explode(' ', $label, 2)[0];

        return mb_strlen($first) <= $room && preg_match('/\d/', $first) === 1 ? $first : '';
    }

    private static function xOf(LocalDate $from, LocalDate $to, LocalDate $day): float
    {
        return round((self::WIDTH * $from->daysUntil($day)) / $from->daysUntil($to), 1);
    }
}
