<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Fit;
use App\Stores\Models\Part;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Support\Quantity;

/** What is fitted where: the spare-parts list of an asset, and the assets that a part fits. */
final readonly class FitsOf
{
    /** @return list<FitLine> by name: the asset's own lines, and those of its class that it does not have itself */
    public function asset(int $assetId): array
    {
        $rows = DB::table('fits as f')
            ->join('parts as p', 'p.id', '=', 'f.part_id')
            ->where('f.asset_id', $assetId)
            ->orWhere('f.class_id', DB::table('assets')->where('id', $assetId)->select('class_id'))
            ->orderByRaw('p.name, f.asset_id IS NULL')
            ->get(['f.part_id', 'f.asset_id', 'f.quantity', 'f.note', 'p.number', 'p.name', 'p.unit'])
            ->unique('part_id');

        return array_values(
            $rows
                ->map(static fn (object $row): FitLine => new FitLine(
                    (int) $row->part_id,
                    $row->number,
                    $row->name,
                    $row->unit,
                    Quantity::words(Quantity::parse($row->quantity)),
                    $row->note,
                    $row->asset_id !== null,
                ))
                ->all(),
        );
    }

    /** @return Collection<int, Fit> of a part at one site, by tag */
    public function part(Part $part, int $siteId): Collection
    {
        return Fit::query()
            ->with(['asset:id,tag,name,site_id', 'class:id,name'])
            ->where('part_id', $part->id)
            ->where(
                static fn ($any) => $any
                    ->whereNotNull('class_id')
                    ->orWhereRelation('asset', 'site_id', $siteId),
            )
            ->limit(200)
            ->get()
            ->sortBy(static fn (Fit $fit): string => (string) ($fit->asset->tag ?? $fit->class?->name))
            ->values()
            ->toBase();
    }
}
