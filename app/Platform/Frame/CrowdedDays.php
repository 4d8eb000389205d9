<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Calendar\LocalDate;

/**
 * Days on which more stands than a horizon shows one by one: each such stretch becomes one mark, and the days of the
 * others are told.
 */
final readonly class CrowdedDays
{
    /**
     * @param  list<HorizonMark>  $bundles
     * @param  list<string>  $few  the days whose marks are drawn one by one
     */
    private function __construct(public array $bundles, public array $few)
    {
    }

    /**
     * @param  array<string, array{0: int, 1: int}>  $days how many there are on a day, and how many of them are
     *     late, by date
     * @param  string  $state  how a bundle without late ones looks
     */
    public static function of(array $days, LocalDate $from, string $state, MarkKind $kind): self
    {
        $stretch = HorizonSpan::chosen()->bundle();
        $stretches = [];
        foreach ($days as $on => $counts) {
            if ($counts[0] > 0) {
                $stretches[intdiv(LocalDate::later($from, LocalDate::parse($on))->epochDay, $stretch)][
                    $on
                ] = $counts;
            }
        }
        [$bundles, $few] = [[], []];
        foreach ($stretches as $within) {
            [$count, $late] = [array_sum(array_column($within, 0)), array_sum(array_column($within, 1))];
            if ($count <= Horizon::CROWD) {
                $few = [...$few, ...array_keys($within)];

                continue;
            }
            $day = LocalDate::later($from, LocalDate::parse((string) array_key_first($within)));
            $bundles[] = HorizonMark::bundle(
                $kind,
                $day,
                $count,
                $kind->count($count).($late > 0 ? ", {$late} late" : ''),
                $late > 0 ? 'late' : $state,
                $kind->href($day, $late),
            );
        }

        return new self($bundles, $few);
    }
}
