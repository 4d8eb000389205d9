<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\StockCount;
use App\Stores\Queries\DueToCount;
use App\Stores\Queries\StockOf;
use Illuminate\Support\Collection;
use stdClass;

/** What is due to be counted, and the counts there were. */
final readonly class CountsPage
{
    private const MOST = 30;

    public function __construct(
        private CurrentSite $site,
        private DueToCount $due,
        private StockOf $stock,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(): array
    {
        $siteId = $this->site->id();
        $due = ($this->due)($siteId);
        $counts = StockCount::query()
            ->with('store')
            ->withCount(['lines', 'lines as counted_count' => static fn ($lines) => $lines->whereNotNull('counted')])
            ->where('site_id', $siteId)
            ->where('state', '<>', 'dropped')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return [
            'due' => $due->take(self::MOST),
            'dueAll' => $due->count(),
            'says' => $this->says($due),
            'after' => DueToCount::AFTER,
            'stores' => $this->stock->stores($siteId),
            'open' => $counts->filter(static fn (StockCount $one): bool => $one->isOpen()),
            'over' => $counts->reject(static fn (StockCount $one): bool => $one->isOpen()),
        ];
    }

    /** @param  Collection<int, stdClass>  $due */
    private function says(Collection $due): string
    {
        $classes = $due->countBy('class')->sortKeys()->map(
            static fn (int $many, string $class): string => "{$many} of class {$class}",
        );

        return $due->isEmpty()
            ? 'Nothing is due to be counted.'
            : "{$this->words->count($due->count(), 'part')} to count: {$classes->implode(', ')}.";
    }
}
