<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\RejectReason;
use Illuminate\Support\Collection;

/** The reasons for which pieces are rejected, and those of them that a line offers. */
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
}
