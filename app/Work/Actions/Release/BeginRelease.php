<?php

declare(strict_types=1);

namespace App\Work\Actions\Release;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Work\Jobs\ReleaseSite;
use App\Work\Models\ReleaseBatch;
use App\Work\Orders\ReleaseChoice;
use Illuminate\Support\Facades\DB;

/**
 * Begins a release: its batch stands at once. Its orders are made when that is kept, some at a time and each some a
 * transaction of its own, so that nobody waits for all of them; many are made behind the page.
 */
final readonly class BeginRelease
{
    /** So many visits are released while the page waits; more are released behind it. */
    private const AT_ONCE = 200;

    public function __construct(private Clock $clock, private ReleaseDueVisits $release)
    {
    }

    public function __invoke(Actor $by, Site $site, ReleaseChoice $choice): ReleaseBatch
    {
        $now = $this->clock->now();
        $batch = ReleaseBatch::begin($by, $site->id, $site->dayOf($now), $now->format('Y-m-d H:i:s.u'));
        if ($choice->due($site)->limit(self::AT_ONCE + 1)->count() > self::AT_ONCE) {
            ReleaseSite::dispatch($site->id, $choice, $batch->id, $by->id)->afterCommit();
        } else {
            DB::afterCommit(fn () => ($this->release)($by, $site, $choice, $batch));
        }

        return $batch;
    }
}
