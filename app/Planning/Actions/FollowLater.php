<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Jobs\FollowMeters;
use App\Register\Events\ManyReadingsTaken;
use Illuminate\Support\Facades\DB;

/** Notes the meters whose schedules are to follow, and lets them follow behind the page. */
final readonly class FollowLater
{
    public function __invoke(ManyReadingsTaken $taken): void
    {
        // Lines and not one row a meter: whoever brings more never waits for whoever works them off.
        DB::table('meters_to_follow')->insert(
            array_map(static fn (int $id): array => ['meter_id' => $id], $taken->meterIds),
        );
        FollowMeters::dispatch()->afterCommit();
    }
}
