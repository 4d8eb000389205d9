<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Fit;
use App\Stores\Models\Part;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Support\Quantity;

/** What is fitted where: the spare-parts list of an asset, and the assets that a part fits. */
final readonly class FitsOf
{
    /** @return list<FitLine> by name: the asset's own lines, and those of its class that it does not have itself */
    public function asset(int $assetId): array
    {
        return $this->lines($this->fits($assetId)->orderBy('name')->orderByRaw('asset_id IS NULL')->get());
    }

    /**
     * The same, and the pieces with a serial number that are on it now, asked for at once.
     *
     * @return array{list<FitLine>, Collection<int, stdClass>} the pieces: part_id, number, name, note their own number,
     *     fitted_on
     */
    public function onAsset(int $assetId): array
    {
        $pieces = DB::table('lots as l')
            ->join('stock as s', 's.id', '=', 'l.stock_id')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('l.asset_id', $assetId)
            ->selectRaw('1 as piece, p.id as part_id, NULL as asset_id, 1 as quantity, l.name as note')
            ->selectRaw('p.number, p.name, p.unit, l.fitted_on');
        $rows = $this->fits($assetId)->unionAll($pieces)->orderBy('name')->orderByRaw('asset_id IS NULL')->get();
        [$fitted, $listed] = $rows->partition(static fn (stdClass $one): bool => (int) $one->piece === 1);

        return [$this->lines($listed), $fitted->values()->toBase()];
    }

    private function fits(int $assetId): Builder
    {
        return DB::table('fits as f')
            ->join('parts as p', 'p.id', '=', 'f.part_id')
            ->where(static fn (Builder $any) => $any
                ->where('f.asset_id', $assetId)
                ->orWhere('f.class_id', DB::table('assets')->where('id', $assetId)->select('class_id')))
            ->selectRaw('0 as piece, f.part_id, f.asset_id, f.quantity, f.note')
            ->selectRaw('p.number, p.name, p.unit, NULL as fitted_on');
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<FitLine>
     */
    private function lines(Collection $rows): array
    {
        return array_values(
            $rows
                ->unique('part_id')
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
