<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Clock\Clock;
use App\Stores\Models\Purchase;
use Illuminate\Support\Facades\DB;

/** Notes that the mail with a purchase has left. */
final readonly class NoteMailed
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Purchase $purchase): void
    {
        DB::transaction(function () use ($purchase): void {
            Purchase::query()
                ->whereKey($purchase->id)
                ->update(['mailed_at' => $this->clock->now()->format('Y-m-d H:i:s.u')]);
        });
    }
}
