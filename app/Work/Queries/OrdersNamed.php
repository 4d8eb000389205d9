<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;
use Sundial\Work\Many\ChangeOfMany;

/** The orders of a site that somebody chose, or named by their numbers. */
final class OrdersNamed
{
    /** @var array<string, string> */
    private array $names = [];

    public function __construct(private readonly OrderByLabel $find)
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
     * @param  list<int>  $ids  checked to be of the site
     * @return Collection<int, WorkOrder> by their numbers, so many at the most
     */
    public function some(array $ids, int $most): Collection
    {
        return WorkOrder::query()->whereIn('id', $ids)->orderBy('number')->limit($most)->get();
    }

    /** The name of a team or a person, read once. */
    public function whose(ChangeOfMany $what, int $id): string
    {
        $table = $what === ChangeOfMany::Team ? 'teams' : 'users';

        return $this->names["{$table} {$id}"] ??= (string) DB::table($table)->where('id', $id)->value('name');
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
