<?php

declare(strict_types=1);

namespace App\Work\Console;

use App\Work\Projections\CondensedCosts;
use Illuminate\Console\Command;

/** Keeps the sums of costs short: every hour, by itself. */
final class AddUpCostsCommand extends Command
{
    protected $signature = 'costs:add-up';

    protected $description = 'Adds up what changes of the cost of orders left behind';

    public function handle(CondensedCosts $addUp): int
    {
        $this->info("Weeks added up: {$addUp()}.");

        return self::SUCCESS;
    }
}
