<?php

declare(strict_types=1);

namespace App\Work\Console;

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Work\Actions\Release\ReleaseDueVisits;
use Illuminate\Console\Command;

/** The release on the command line: what the scheduler does by itself every day. */
final class ReleaseCommand extends Command
{
    protected $signature = 'release:due {--site= : the code of one site; all without it}';

    protected $description = 'Makes orders for the visits whose lead has come';

    public function handle(ReleaseDueVisits $release): int
    {
        foreach (
            Site::query()
                ->when(
                    $this->option('site') !== null,
                    fn ($query) => $query->where('code', is_string($code = $this->option('site')) ? $code : ''),
                )
                ->orderBy('id')
                ->get() as $site
        ) {
            $batch = $release(Actor::sundial(), $site);
            $this->info("{$site->name}: {$batch->made} orders made.");
        }

        return self::SUCCESS;
    }
}
