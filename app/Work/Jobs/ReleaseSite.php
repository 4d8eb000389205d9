<?php

declare(strict_types=1);

namespace App\Work\Jobs;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Actions\Standing\FinishPastMonths;
use App\Work\Models\ReleaseBatch;
use App\Work\Orders\ReleaseChoice;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** The release of one site behind the page: the daily one, or one that somebody asked for and watches. */
final class ReleaseSite implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 3;

    /**
     * @param  int|null  $batchId  the batch in which it is watched
     * @param  int|null  $personId  who asked for it
     */
    public function __construct(
        public readonly int $siteId,
        public readonly ?ReleaseChoice $choice = null,
        public readonly ?int $batchId = null,
        public readonly ?int $personId = null,
    ) {
    }

    public function handle(ReleaseDueVisits $release, FinishPastMonths $finish): void
    {
        $finish($this->siteId);
        $batch = $this->batchId === null ? null : ReleaseBatch::query()->find($this->batchId);
        $release(
            $this->personId === null ? Actor::sundial() : User::query()->findOrFail($this->personId)->actor(),
            Site::query()->findOrFail($this->siteId),
            $this->choice,
            $batch,
        );
    }
}
