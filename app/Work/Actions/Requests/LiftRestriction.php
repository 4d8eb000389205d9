<?php

declare(strict_types=1);

namespace App\Work\Actions\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Work\Models\Restriction;
use App\Work\Requests\KeepRestriction;
use Illuminate\Support\Facades\DB;

/** Lets a machine run again as it always does. */
final readonly class LiftRestriction
{
    public function __construct(private Audit $audit, private Clock $clock, private KeepRestriction $keep)
    {
    }

    public function __invoke(Actor $by, Restriction $restriction): void
    {
        DB::transaction(function () use ($by, $restriction): void {
            $restriction = Restriction::query()->lockForUpdate()->findOrFail($restriction->id);
            if ($restriction->lifted_at !== null) {
                return;
            }
            $restriction
                ->fill(['lifted_at' => $this->clock->now()->format('Y-m-d H:i:s.u'), 'lifted_who' => $by->name])
                ->save();
            ($this->keep)($restriction->asset_id);
            $this->audit->record(
                $by,
                Subject::of('asset', $restriction->asset_id, $restriction->site_id),
                "lifted the restriction: {$restriction->what}",
            );
        });
    }
}
