<?php

declare(strict_types=1);

namespace App\Work\Jobs;

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Work\Actions\ReleaseDueVisits;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** The daily release of one site. */
final class ReleaseSite implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 3;

    public function __construct(public readonly int $siteId)
    {
    }

    public function handle(ReleaseDueVisits $release): void
    {
        $release(Actor::sundial(), Site::query()->findOrFail($this->siteId));
    }
}
