<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Sundial\Calendar\LocalDate;

/** What will be without its parts as things stand: whatever takes a part on a day on which it is short. */
final readonly class LackingParts
{
    public function __construct(private FreeAhead $ahead)
    {
    }

    /** @return array<string, list<string>> names of parts, by address and day: "/schedules/12 2026-03-20" */
    public function __invoke(int $siteId, LocalDate $today, LocalDate $until): array
    {
        $lacking = [];
        foreach (($this->ahead)($siteId, null, $today, $until) as $part) {
            foreach ($part->without() as $one) {
                $lacking["{$one->href} {$one->on}"][] = $part->name;
            }
        }

        return $lacking;
    }
}
