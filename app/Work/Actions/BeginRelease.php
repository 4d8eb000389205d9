<?php

declare(strict_types=1);

namespace App\Work\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Work\Jobs\ReleaseSite;
use App\Work\Models\ReleaseBatch;
use App\Work\Orders\ReleaseChoice;

/** Begins a release that is too large to wait for: the batch stands at once, its orders are made behind the page. */
final readonly class BeginRelease
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Actor $by, Site $site, ReleaseChoice $choice): ReleaseBatch
    {
        $now = $this->clock->now();
        $batch = ReleaseBatch::query()->create([
            'site_id' => $site->id,
            'on_day' => (string) $site->dayOf($now),
            'user_id' => $by->id,
            'who' => $by->name,
            'began_at' => $now->format('Y-m-d H:i:s.u'),
        ]);
        ReleaseSite::dispatch($site->id, $choice, $batch->id, $by->id)->afterCommit();

        return $batch;
    }
}
