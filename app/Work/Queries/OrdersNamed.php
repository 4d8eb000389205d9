<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;

/** The orders of a site that somebody chose, or named by their numbers. */
final readonly class OrdersNamed
{
    public function __construct(private OrderByLabel $find)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return list<WorkOrder> those of the site
     */
    public function byIds(int $siteId, array $ids): array
    {
        return array_values(
            WorkOrder::query()->where('site_id', $siteId)->whereIn('id', $ids)->orderBy('id')->get()->all(),
        );
    }

    /**
     * @return list<WorkOrder>
     *
     * @throws InvalidInput no_order, naming each number that is none
     */
    public function byNumbers(int $siteId, string $typed, string $field): array
    {
        [$found, $unknown] = [[], []];
        foreach (TextLines::words($typed) as $word) {
            $order = ($this->find)($siteId, $word);
            $order === null ? ($unknown[] = $word) : ($found[$order->id] = $order);
        }
        if ($unknown !== []) {
            $words = implode(', ', $unknown);
            throw InvalidInput::because('no_order', $field, "This site has no order {$words}. Correct it.", $typed);
        }

        return array_values($found);
    }
}
