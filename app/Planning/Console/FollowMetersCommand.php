<?php

declare(strict_types=1);

namespace App\Planning\Console;

use App\Planning\Actions\FollowWaitingMeters;
use Illuminate\Console\Command;

/** Lets schedules follow readings whose job was lost: every five minutes, by itself. */
final class FollowMetersCommand extends Command
{
    protected $signature = 'readings:follow';

    protected $description = 'Lets the schedules follow readings that came many at once';

    public function handle(FollowWaitingMeters $follow): int
    {
        $this->info("Meters followed: {$follow()}.");

        return self::SUCCESS;
    }
}
