<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Visit;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RevisionState;

/** The methods of an order that have moved on since it was made. */
final readonly class BehindRevisions
{
    /** The methods of which a newer revision is in force than the order was made from. */
    public function names(WorkOrder $order): string
    {
        $revisions = $order->covered
            ->map(static fn (Visit $visit): mixed => $visit->getRelationValue('pivot')->revision_id)
            ->filter()
            ->unique();
        if ($order->revision !== null && $revisions->all() === [$order->revision_id]) {
            return $order->revision->state === RevisionState::Superseded ? $order->revision->method->name : '';
        }

        return $revisions->isEmpty()
            ? ''
            : DB::table('method_revisions as r')
                ->join('methods as m', 'm.id', '=', 'r.method_id')
                ->whereIn('r.id', $revisions)
                ->where('r.state', RevisionState::Superseded)
                ->orderBy('m.name')
                ->pluck('m.name')
                ->implode(' and ');
    }
}
