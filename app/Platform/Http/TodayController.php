<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Extension\Extensions;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;

final class TodayController
{
    public function __invoke(CurrentSite $site, Extensions $extensions): Page
    {
        $today = $site->today();

        return Page::in('today', 'Today')->sheet('today.sheet', static fn (): array => [
            'groups' => $extensions->today($site->id(), $today),
            'site' => $site->get(),
            'today' => $today,
        ]);
    }
}
