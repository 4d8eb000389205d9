<?php

declare(strict_types=1);

namespace App\Work\Actions\Isolation;

use App\Stops\Events\AssetRuns;
use App\Work\Isolations\Locks;

/** A machine does not run while its locks are on. */
final readonly class RefuseToRunLocked
{
    public function __construct(private Locks $locks)
    {
    }

    public function __invoke(AssetRuns $event): void
    {
        $this->locks->checkRun($event->asset->id);
    }
}
