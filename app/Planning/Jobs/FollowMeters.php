<?php

declare(strict_types=1);

namespace App\Planning\Jobs;

use App\Planning\Actions\FollowWaitingMeters;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Lets the schedules of all meters follow whose readings came many at once; one that finds none is done at once. */
final class FollowMeters implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 3;

    public function handle(FollowWaitingMeters $follow): void
    {
        $follow();
    }
}
