<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use LimitIterator;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Visit\ComingVisit;
use Sundial\Support\InvalidInput;

/** Reads reference cases, and writes dates short. */
final class Cases
{
    /** @return array<string, array{array<string, mixed>}> a data set for Pest, by case id and label */
    public static function of(string $topic, ?string $kind = null): array
    {
        $set = [];
        foreach (
            json_decode(
                (string) file_get_contents(__DIR__."/oracle/{$topic}.json"),
                true,
                64,
                JSON_THROW_ON_ERROR,
            )['cases'] as $case
        ) {
            if ($kind === null || $case['kind'] === $kind) {
                $set["{$case['id']} {$case['label']}"] = [$case];
            }
        }

        return $set;
    }
}

function day(string $iso): LocalDate
{
    return LocalDate::parse($iso);
}

/** @param  iterable<LocalDate>  $days
 * @return list<string> */
function isos(iterable $days, int $most = PHP_INT_MAX): array
{
    $isos = [];
    foreach ($days as $day) {
        if (count($isos) >= $most) {
            break;
        }
        $isos[] = (string) $day;
    }

    return $isos;
}

/** How often a property is tried: as often as said in a long run (`./sundial test long`), else a tenth. */
function tries(int $whole): int
{
    return getenv('SUNDIAL_TESTS') === 'long' ? $whole : intdiv($whole, 10);
}

/** @return list<ComingVisit> the first visits of a rule that begins */
function coming(ScheduleRule $rule, Facts $facts, int $most): array
{
    $outlook = $rule->outlook($rule->begin(Start::at(1), $facts), $facts);

    return array_values(iterator_to_array(new LimitIterator($outlook, 0, $most), false));
}

/** What is said of a value beyond an edge, once one that lies at the edge was taken; null: that was taken, too. */
function beyond(Closure $take, mixed $at, mixed $beyond): ?InvalidInput
{
    $take($at);
    try {
        $take($beyond);
    } catch (InvalidInput $refused) {
        return $refused;
    }

    return null;
}
