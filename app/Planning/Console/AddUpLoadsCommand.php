<?php

declare(strict_types=1);

namespace App\Planning\Console;

use App\Planning\Projections\CondensedLoads;
use Illuminate\Console\Command;

/** Keeps the loads of the outlook short: every hour, by itself. */
final class AddUpLoadsCommand extends Command
{
    protected $signature = 'outlook:add-up';

    protected $description = 'Adds up what changes of the outlook left behind';

    public function handle(CondensedLoads $addUp): int
    {
        $this->info("Weeks added up: {$addUp()}.");

        return self::SUCCESS;
    }
}
