<?php

declare(strict_types=1);

namespace Sundial\Work;

use Sundial\Calendar\LocalDate;

/**
 * On which day the work on each asset of an order was done. A visit is done on the day of its asset; that of a round on
 * the day of its last station. Where nothing is said of an asset, it was done when the order was finished.
 */
final readonly class AssetDays
{
    /** @param  array<int, LocalDate>  $days  by asset */
    private function __construct(private array $days, private LocalDate $finish)
    {
    }

    /**
     * @param  array<int, LocalDate>  $days  by asset, of those that were done
     * @param  LocalDate  $finish  the day on which the order was finished
     */
    public static function of(array $days, LocalDate $finish): self
    {
        return new self($days, $finish);
    }

    public function ofAsset(int $asset): LocalDate
    {
        return $this->days[$asset] ?? $this->finish;
    }

    public function ofRound(): LocalDate
    {
        $last = null;
        foreach ($this->days as $day) {
            $last = $last === null ? $day : LocalDate::later($last, $day);
        }

        return $last ?? $this->finish;
    }
}
