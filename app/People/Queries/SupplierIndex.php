<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\Supplier;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;

/** Suppliers, those in use first, as they are looked for by a word of their name, trade or contact. */
final readonly class SupplierIndex
{
    private const MOST = 400;

    /** @return Collection<int, Supplier> */
    public function __invoke(string $q): Collection
    {
        return $this->found($q)->limit(self::MOST)->get()->toBase();
    }

    /** @return LazyCollection<int, Supplier> */
    public function all(string $q): LazyCollection
    {
        return $this->found($q)->lazy(500);
    }

    public function total(): int
    {
        return Supplier::query()->count();
    }

    /** @return Builder<Supplier> */
    private function found(string $q): Builder
    {
        $like = '%'.addcslashes($q, '%_\\').'%';

        return Supplier::query()
            ->orderByDesc('active')
            ->orderBy('name')
            ->when(
                $q !== '',
                static fn ($some) => $some->where(
                    static fn ($any) => $any
                        ->where('name', 'like', $like)
                        ->orWhere('serves', 'like', $like)
                        ->orWhere('contact', 'like', $like),
                ),
            );
    }
}
