<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The parts of a store as their labels show them, by bin. */
final readonly class PartsToLabel
{
    private const MOST = 400;

    /** @return Collection<int, array{tag: string, name: string, code: string, address: string}> */
    public function __invoke(int $storeId, string $bins, string $root): Collection
    {
        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.store_id', $storeId)
            ->when($bins !== '', static fn ($some) => $some->where('s.bin', 'like', addcslashes($bins, '%_\\').'%'))
            ->orderBy('s.bin')
            ->orderBy('p.name')
            ->limit(self::MOST)
            ->get(['p.id', 'p.number', 'p.name', 's.bin'])
            ->toBase()
            ->map(static fn (stdClass $one): array => [
                'tag' => (string) $one->number,
                'name' => (string) $one->name,
                'code' => (string) ($one->bin ?? ''),
                'address' => "{$root}/p/{$one->id}",
            ]);
    }

    /** @return Collection<int, array{tag: string, name: string, code: string, address: string}> the bins themselves */
    public function bins(int $storeId, string $bins, string $root): Collection
    {
        return DB::table('stock as s')
            ->join('stores as t', 't.id', '=', 's.store_id')
            ->where('s.store_id', $storeId)
            ->whereNotNull('s.bin')
            ->when($bins !== '', static fn ($some) => $some->where('s.bin', 'like', addcslashes($bins, '%_\\').'%'))
            ->groupBy('s.bin', 't.name')
            ->orderBy('s.bin')
            ->limit(self::MOST)
            ->selectRaw('s.bin, t.name as store, COUNT(*) as parts')
            ->get()
            ->toBase()
            ->map(static fn (stdClass $one): array => [
                'tag' => (string) $one->bin,
                'name' => (string) $one->store,
                'code' => (int) $one->parts === 1 ? '1 part' : "{$one->parts} parts",
                'address' => "{$root}/b/".rawurlencode((string) $one->bin),
            ]);
    }
}
