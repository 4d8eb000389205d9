<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Models\Station;
use Illuminate\Database\Eloquent\Collection;

/** The schedules of an asset, nearest first, and the rounds that walk it; asked once in a request. */
final class SchedulesOf
{
    /** @var array<int, Collection<int, Schedule>> */
    private array $known = [];

    /** @var array<int, Collection<int, Round>> */
    private array $walking = [];

    /** @return Collection<int, Schedule> */
    public function asset(int $assetId): Collection
    {
        return $this->known[$assetId] ??= Schedule::standings()
            ->where('asset_id', $assetId)
            ->with(['method' => static fn ($method) => $method->withExists('inForce'), 'meter', 'gauge'])
            ->orderBy('ended')
            ->orderByRaw('next_due_on IS NULL')
            ->orderBy('next_due_on')
            ->get();
    }

    /** @return Collection<int, Round> */
    public function rounds(int $assetId): Collection
    {
        return $this->walking[$assetId] ??= Round::query()
            ->whereIn('id', Station::query()->where('asset_id', $assetId)->select('round_id'))
            ->orderBy('name')
            ->get(['id', 'name']);
    }
}
