<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Stops\Models\LineTablet;
use Illuminate\Support\Facades\DB;

/** Ends what a tablet may do; what it logged stays. */
final readonly class RevokeTablet
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, LineTablet $tablet): void
    {
        DB::transaction(function () use ($by, $tablet): void {
            $tablet = LineTablet::query()->lockForUpdate()->findOrFail($tablet->id);
            if ($tablet->revoked_at !== null) {
                return;
            }
            $tablet->fill(['revoked_at' => $this->clock->now()->format('Y-m-d H:i:s')])->save();
            $this->audit->record($by, $tablet->line->subject(), "revoked the tablet “{$tablet->name}”");
        });
    }
}
