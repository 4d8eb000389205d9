<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\People\Models\User;
use App\Work\Models\Timer;
use Illuminate\Support\Facades\DB;

/** Stops somebody's clock without booking what it counted: it ran by mistake. */
final readonly class DropTimer
{
    public function __invoke(User $me): void
    {
        DB::transaction(static function () use ($me): void {
            Timer::query()->lockForUpdate()->find($me->id)?->delete();
        });
    }
}
