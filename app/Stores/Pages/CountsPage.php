<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\StockCount;
use App\Stores\Queries\DueToCount;
use App\Stores\Queries\StockOf;
use Sundial\Stock\YearlyValue;

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
        $due = $this->due->first($siteId, self::MOST);
        $byClass = $this->due->byClass($siteId);
        $counts = StockCount::query()
            ->with('store')
            ->withCount(['lines', 'lines as counted_count' => static fn ($lines) => $lines->whereNotNull('counted')])
            ->where('site_id', $siteId)
            ->where('state', '<>', 'dropped')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return [
            'due' => $due,
            'dueAll' => array_sum($byClass),
            'says' => $this->says($byClass),
            'after' => YearlyValue::countCycle(),
            'stores' => $this->stock->stores($siteId),
            'open' => $counts->filter(static fn (StockCount $one): bool => $one->isOpen()),
            'over' => $counts->reject(static fn (StockCount $one): bool => $one->isOpen()),
        ];
    }

    /** @param  array<string, int>  $byClass */
    private function says(array $byClass): string
    {
        $classes = array_map(
            static fn (int $many, string $class): string => "{$many} of class {$class}",
            $byClass,
            array_keys($byClass),
        );

        return $byClass === []
            ? 'Nothing is due to be counted.'
            : "{$this->words->count(array_sum($byClass), 'part')} to count: ".implode(', ', $classes).'.';
    }
}
