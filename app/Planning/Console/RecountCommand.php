<?php

declare(strict_types=1);

namespace App\Planning\Console;

use App\Planning\Models\Schedule;
use App\Planning\Projections\RecountStandings;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;

/** Counts every schedule again from what was recorded, and says what stood otherwise. */
final class RecountCommand extends Command
{
    protected $signature = 'schedules:recount {--mend : stand them as counted}';

    protected $description = 'Counts every schedule again from its visits and readings, and says what stood otherwise';

    public function handle(RecountStandings $recount): int
    {
        $wrong = 0;
        $counted = 0;
        Schedule::query()
            ->where('ended', false)
            ->with(['meter', 'gauge'])
            ->chunkById(200, function (Collection $schedules) use ($recount, &$wrong, &$counted): void {
                foreach ($schedules as $schedule) {
                    $counted++;
                    $differ = $recount->differences($schedule);
                    if ($differ === []) {
                        continue;
                    }
                    $wrong++;
                    foreach ($differ as $column => [$kept, $now]) {
                        $this->line("{$schedule->id} {$schedule->name}: {$column} {$this->text($kept)}, counted ".
                            $this->text($now));
                    }
                    if ($this->option('mend')) {
                        $recount->mend($schedule->id);
                    }
                }
            });
        $this->line(
            $wrong === 0
                ? "{$counted} schedules stand as counted."
                : "{$wrong} of {$counted} schedules stood otherwise".
                    ($this->option('mend') ? '; they stand as counted now.' : '. --mend stands them as counted.'),
        );

        return $wrong === 0 || $this->option('mend') ? self::SUCCESS : self::FAILURE;
    }

    private function text(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_array($value) => (string) json_encode($value),
            is_bool($value) => $value ? 'yes' : 'no',
            default => (string) $value,
        };
    }
}
