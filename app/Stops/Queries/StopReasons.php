<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\StopReason;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The reasons for which machines stand: those that are offered, and the one that was said. */
final readonly class StopReasons
{
    private const RECENT = 200;

    /** @return Collection<int, StopReason> all of them, those no longer used last */
    public function all(): Collection
    {
        return StopReason::query()
            ->with(['parent', 'class', 'line.asset'])
            ->orderBy('retired')
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return list<string> the names that are offered for an asset, those used most on it lately first */
    public function offered(int $assetId): array
    {
        $classId = DB::table('assets')->where('id', $assetId)->value('class_id');
        $lines = DB::table('plant_lines')
            ->where('asset_id', $assetId)
            ->orWhereIn('id', DB::table('line_parts')->where('asset_id', $assetId)->select('line_id'))
            ->pluck('id');
        $names = StopReason::query()
            ->where('retired', false)
            ->where(static fn ($any) => $any->whereNull('class_id')->orWhere('class_id', $classId))
            ->where(static fn ($any) => $any->whereNull('line_id')->orWhereIn('line_id', $lines))
            ->orderBy('name')
            ->pluck('name')
            ->all();
        $recent = DB::table('stops')
            ->where('asset_id', $assetId)
            ->whereNotNull('reason_id')
            ->whereNull('struck_at')
            ->orderByDesc('from_at')
            ->limit(self::RECENT)
            ->pluck('reason')
            ->countBy()
            ->sortDesc()
            ->keys()
            ->all();

        return array_values(array_unique([...array_intersect($recent, $names), ...$names]));
    }

    /** @return list<string> reasons for which another machine stands behind it */
    public function fromElsewhere(): array
    {
        return array_values(StopReason::query()
            ->where('retired', false)
            ->get()
            ->filter(static fn (StopReason $one): bool => $one->kind->isFromElsewhere())
            ->map(static fn (StopReason $one): string => $one->name)
            ->all());
    }

    /** The reason that was said, in words or in the list's; null: it is none of the list. */
    public function named(string $said, ?int $classId): ?StopReason
    {
        return StopReason::query()
            ->where('name', trim($said))
            ->where('retired', false)
            ->where(static fn ($any) => $any->whereNull('class_id')->orWhere('class_id', $classId))
            ->first();
    }

    /** @return array<string, mixed> what a stop keeps of the reason that was said */
    public function facts(string $said, ?int $classId, bool $planned): array
    {
        $reason = $this->named($said, $classId);

        return [
            'reason' => $reason->name ?? $said,
            'reason_id' => $reason?->id,
            'kind' => $reason?->kind,
            'planned' => $reason === null ? $planned : $reason->kind->isPlanned(),
        ];
    }
}
