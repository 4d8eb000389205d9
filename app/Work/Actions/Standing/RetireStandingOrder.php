<?php

declare(strict_types=1);

namespace App\Work\Actions\Standing;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Models\StandingOrder;
use Illuminate\Support\Facades\DB;

/** Offers a standing order no more; what was booked on it stays. */
final readonly class RetireStandingOrder
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, StandingOrder $order): void
    {
        DB::transaction(function () use ($by, $order): void {
            $order->fill(['retired' => true])->save();
            $this->audit->record(
                $by,
                Subject::of('site', $order->site_id, $order->site_id),
                "retired the standing order {$order->title}",
            );
        });
    }
}
