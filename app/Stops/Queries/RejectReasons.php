<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\RejectReason;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The reasons for which pieces are rejected: those offered on a line, and what was rejected for each. */
final readonly class RejectReasons
{
    /** @return Collection<int, RejectReason> all of them, those no longer used last */
    public function all(): Collection
    {
        return RejectReason::query()->with('parent')->orderBy('retired')->orderBy('name')->get()->toBase();
    }

    /** @return Collection<int, RejectReason> those offered on a line, by name */
    public function offered(int $lineId): Collection
    {
        return RejectReason::query()
            ->where('retired', false)
            ->where(static fn ($any) => $any->whereNull('line_id')->orWhere('line_id', $lineId))
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, stdClass> reason, pieces and the ideal seconds lost; most lost first */
    public function addedUp(OeeSlice $slice): Collection
    {
        return DB::table('run_rejects as j')
            ->join('reject_reasons as n', 'n.id', '=', 'j.reason_id')
            ->join('product_runs as u', 'u.id', '=', 'j.run_id')
            ->join('shift_records as r', 'r.id', '=', 'u.record_id')
            ->where('r.site_id', $slice->siteId)
            ->whereBetween('r.day', [(string) $slice->from, (string) $slice->to])
            ->when($slice->lineId !== null, static fn ($some) => $some->where('r.line_id', $slice->lineId))
            ->groupBy('n.name')
            ->orderByDesc('seconds')
            ->selectRaw('n.name as `key`, SUM(j.pieces) as pieces, SUM(j.pieces * u.ideal_seconds) as seconds')
            ->get()
            ->toBase();
    }
}
