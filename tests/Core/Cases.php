<?php

declare(strict_types=1);

namespace Tests\Core;

use Sundial\Calendar\LocalDate;

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
