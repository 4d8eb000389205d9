<?php

declare(strict_types=1);

namespace App\Platform\Bench;

use App\Platform\Extension\BenchPage;
use App\Platform\Extension\Offers;
use Illuminate\Console\Command;

/** Says which pages the bench measures, as the capabilities name them. */
final class PagesToMeasure extends Command
{
    protected $signature = 'bench:pages';

    protected $description = 'Says which pages the bench measures, as JSON';

    public function handle(Offers $offers): int
    {
        $pages = array_column($offers->all(BenchPage::class), 'href', 'name');
        $this->line(json_encode($pages, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));

        return self::SUCCESS;
    }
}
