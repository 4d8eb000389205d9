<?php

declare(strict_types=1);

namespace App\Work\Console;

use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Work\Jobs\ReleaseSite;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;

/**
 * Puts the release of each site on the queue once its hour has come and it has not run today; catches up after days
 * off line.
 */
final class DailyReleaseCommand extends Command
{
    protected $signature = 'release:daily';

    protected $description = 'Queues the daily release of every site whose hour has come';

    public function handle(Clock $clock): int
    {
        foreach (Site::query()->orderBy('id')->get() as $site) {
            $local = $clock->now()->setTimezone($site->zone());
            $today = (string) $site->dayOf($clock->now());
            if (
                (int) $local->format('G') >= $site->release_hour &&
                $site->last_released_on !== $today &&
                Cache::add("release {$site->id} {$today}", true, 600)
            ) {
                ReleaseSite::dispatch($site->id);
                $this->info("{$site->name}: queued.");
            }
        }

        return self::SUCCESS;
    }
}
