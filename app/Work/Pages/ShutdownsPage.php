<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Work\Queries\ShutdownLines;
use App\Work\Queries\ShutdownList;

/** The shutdowns of a site, each with how far it is. */
final readonly class ShutdownsPage
{
    public function __construct(private ShutdownList $list, private ShutdownLines $lines)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(int $siteId): array
    {
        $shutdowns = $this->list->ofSite($siteId);
        $lines = $this->lines->of(...$shutdowns->modelKeys())->groupBy('shutdown');
        $progress = [];
        foreach ($shutdowns as $one) {
            $progress[$one->id] = ShutdownPage::progress($lines->get($one->id) ?? collect());
        }

        return ['shutdowns' => $shutdowns, 'progress' => $progress];
    }
}
