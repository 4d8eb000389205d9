<?php

declare(strict_types=1);

namespace App\Register\Projections;

use App\Platform\Writing\GathersIds;
use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Notes the meters of many readings that are taken at once, so that what follows is looked at once for each; and keeps
 * their totals back, which are written together.
 */
final class ReadingsTogether
{
    use GathersIds {
        while as private gather;
    }

    /** @var list<array<string, mixed>> totals that are not written yet */
    private array $totals = [];

    /** @return list<int> the meters, whose totals are written */
    public function while(Closure $work): array
    {
        try {
            $meters = $this->gather($work);
            $this->gathers() ?: $this->write();

            return $meters;
        } finally {
            // What was broken off is taken back by whoever began it.
            $this->gathers() ?: $this->totals = [];
        }
    }

    /** @param  array<string, mixed>  $row  the total of a reading, which is written with the others */
    public function total(array $row): void
    {
        $this->totals[] = $row;
    }

    /** What is kept back of a meter is written, before its readings are looked at. */
    public function writeOf(int $meterId): void
    {
        in_array($meterId, array_column($this->totals, 'meter_id'), true) && $this->write();
    }

    private function write(): void
    {
        [$rows, $this->totals] = [$this->totals, []];
        if ($rows !== []) {
            DB::table('reading_totals')->insert($rows);
        }
    }
}
