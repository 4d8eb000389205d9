<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Lists\Capped;
use App\Stores\Models\Part;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;

/** The catalogue by name, as it is looked through by number, name or note. */
final readonly class PartIndex
{
    public const PAGE = 60;

    /** So many are counted; of more it is said that there are more. */
    public const MOST = 2000;

    /** @return Collection<int, Part> one more than a page, if there is more */
    public function __invoke(string $q, bool $retired, int $page): Collection
    {
        return $this->found($q, $retired)
            ->offset(self::PAGE * ($page - 1))
            ->limit(self::PAGE + 1)
            ->get()
            ->toBase();
    }

    /** How many it holds, counted up to one more than MOST. */
    public function count(string $q, bool $retired): int
    {
        return Capped::count($this->found($q, $retired)->toBase()->reorder(), self::MOST + 1);
    }

    public function retired(): int
    {
        return Part::query()->where('retired', true)->count();
    }

    /** @return Collection<int, string> by name */
    public function classes(): Collection
    {
        return Part::query()
            ->whereNotNull('class')
            ->distinct()
            ->orderBy('class')
            ->pluck('class')
            ->map(static fn (mixed $class): string => (string) $class)
            ->toBase();
    }

    /** @return LazyCollection<int, Part> */
    public function all(string $q, bool $retired): LazyCollection
    {
        return $this->found($q, $retired)->with('supplier')->lazy(500);
    }

    /** @return Builder<Part> */
    private function found(string $q, bool $retired): Builder
    {
        $like = '%'.addcslashes($q, '%_\\').'%';

        return Part::query()
            ->when(! $retired, static fn ($some) => $some->where('retired', false))
            ->when(
                $q !== '',
                static fn ($some) => $some->where(
                    static fn ($any) => $any
                        ->where('number', 'like', $like)
                        ->orWhere('name', 'like', $like)
                        ->orWhere('class', 'like', $like)
                        ->orWhere('note', 'like', $like),
                ),
            )
            ->orderBy('name')
            ->orderBy('id');
    }
}
