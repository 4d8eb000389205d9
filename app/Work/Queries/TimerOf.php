<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\Timer;

/** The clock of a person that runs, with its order. */
final readonly class TimerOf
{
    public function __invoke(int $userId): ?Timer
    {
        return Timer::query()->with(['order.asset', 'order.location'])->find($userId);
    }
}
