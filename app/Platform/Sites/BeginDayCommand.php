<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use Illuminate\Console\Command;

/** Begins the day of every site where it is past midnight, before anybody opens a page. */
final class BeginDayCommand extends Command
{
    protected $signature = 'day:begin';

    protected $description = 'Begins the day of every site where it is past midnight';

    public function handle(BeginDay $begin): int
    {
        foreach (Site::query()->orderBy('id')->get() as $site) {
            $begin($site);
        }

        return self::SUCCESS;
    }
}
