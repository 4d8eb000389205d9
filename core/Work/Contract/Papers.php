<?php

declare(strict_types=1);

namespace Sundial\Work\Contract;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * The papers of a contractor that have to hold on the day of the work: insurance, and the induction of their people.
 */
final readonly class Papers
{
    /** What is asked for, as it begins. */
    public const ASKED = ['insurance', 'induction'];

    /** @param  list<array{string, LocalDate}>  $dates  what, and until when it holds */
    private function __construct(private array $dates)
    {
    }

    /** @param  list<array{string, LocalDate}>  $dates */
    public static function of(array $dates): self
    {
        return new self($dates);
    }

    /** @throws InvalidInput run_out, naming what does not hold on a day any more */
    public function check(LocalDate $day): void
    {
        foreach ($this->dates as [$what, $until]) {
            if (self::kind($what) !== null && $until->isBefore($day)) {
                throw InvalidInput::because(
                    'run_out',
                    'supplier',
                    "Their {$what} holds until {$until->inWords()}, and the work is planned for {$day->inWords()}. ".
                        'Have it renewed first.',
                );
            }
        }
    }

    /** @return list<string> what is asked for, and of which nothing is on record */
    public function missing(): array
    {
        $there = array_map(static fn (array $one): ?string => self::kind($one[0]), $this->dates);

        return array_values(array_diff(self::ASKED, array_filter($there)));
    }

    private static function kind(string $what): ?string
    {
        foreach (self::ASKED as $kind) {
            if (str_contains(mb_strtolower($what), $kind)) {
                return $kind;
            }
        }

        return null;
    }
}
