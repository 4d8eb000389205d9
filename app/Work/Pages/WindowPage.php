<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Register\Models\Asset;
use App\Stores\Wording\PartsWording;
use App\Work\Models\WorkOrder;
use App\Work\Queries\AlongWith;
use App\Work\Queries\PartsReadyOf;
use App\Work\Queries\ReadyOn;
use Illuminate\Support\Collection;
use Sundial\Stock\PartsReady;
use Sundial\Work\Window\FittingWork;
use Sundial\Work\Window\ReadyWork;

/** What can be done while something stands for a while. */
final readonly class WindowPage
{
    public function __construct(
        private ReadyOn $ready,
        private AlongWith $along,
        private Wording $words,
        private PartsReadyOf $parts,
        private PartsWording $partsWords,
    ) {
    }

    /**
     * @param  array<string, int>|null  $free  people by trade as somebody said; null: as the clocks tell
     * @return array<string, mixed>
     */
    public function __invoke(int $siteId, ?Asset $asset, string $from, int $minutes, ?array $free): array
    {
        $free ??= $this->ready->free($siteId);
        $orders = $asset === null ? collect() : $this->ready->orders($asset);
        $ready = $this->parts->of(array_values($orders->keys()->all()));
        $work = $orders->map(fn (WorkOrder $one): ReadyWork => $this->ready->work($one, $ready[$one->id] ?? null));
        $fitting = FittingWork::into($minutes, $free, ...array_values($work->all()));

        return [
            'asset' => $asset,
            'from' => $from,
            'minutes' => $minutes,
            'length' => $this->words->minutes($minutes),
            'free' => $free,
            'fits' => $this->lines($orders, $work, $fitting->fits, [], $ready),
            'left' => $this->lines($orders, $work, array_keys($fitting->left), $fitting->left, $ready),
            'visits' => $asset === null ? 0 : count(($this->along)($asset, $this->words->today())),
        ];
    }

    /**
     * @param  Collection<int, WorkOrder>  $orders
     * @param  Collection<int, ReadyWork>  $work
     * @param  list<int>  $ids
     * @param  array<int, string>  $why
     * @param  array<int, PartsReady>  $ready
     * @return list<array{order: WorkOrder, takes: string, people: string, parts: string, why: string}>
     */
    private function lines(Collection $orders, Collection $work, array $ids, array $why, array $ready): array
    {
        $lines = [];
        foreach ($ids as $id) {
            [$order, $one] = [$orders->get($id), $work->get($id)];
            if ($order === null || $one === null) {
                continue;
            }
            $lines[] = [
                'order' => $order,
                'takes' => $one->minutes === 0 ? 'not planned' : $this->words->minutes($one->minutes),
                'people' => implode(', ', array_map(
                    static fn (array $line): string => "{$line[1]} {$line[0]}",
                    $one->people,
                )),
                'parts' => isset($ready[$id]) ? 'parts '.$this->partsWords->all($ready[$id]) : '',
                'why' => $why[$id] ?? '',
            ];
        }

        return $lines;
    }
}
