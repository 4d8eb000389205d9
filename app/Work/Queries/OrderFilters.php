<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Access\Rights;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

/** What the index of orders can be narrowed by, beside state and search. What nobody could mean narrows nothing. */
final readonly class OrderFilters
{
    public const KEYS = ['type', 'priority', 'team', 'class', 'stage', 'hold', 'under', 'over', 'cost', 'edit'];

    /** @var array<string, string> those that are a column of the order */
    private const COLUMNS = [
        'type' => 'type',
        'priority' => 'priority',
        'team' => 'team_id',
        'stage' => 'stage',
        'hold' => 'hold_reason',
    ];

    /**
     * @param  Builder<WorkOrder>  $query
     * @param  array<string, string>  $asked  by KEYS
     * @return Builder<WorkOrder>
     */
    public function apply(Builder $query, array $asked, LocalDate $today): Builder
    {
        foreach (self::COLUMNS as $key => $column) {
            if (isset($asked[$key])) {
                $query->where($column, $asked[$key]);
            }
        }
        if (isset($asked['class'])) {
            $query->whereIn('asset_id', DB::table('assets')->where('class_id', (int) $asked['class'])->select('id'));
        }
        if (isset($asked['under'])) {
            $this->under($query, (int) $asked['under']);
        }
        if (isset($asked['over'])) {
            $query->where('open_due_on', '<', (string) $today->plusDays(-max(0, min(9999, (int) $asked['over']))));
        }
        if (isset($asked['edit'])) {
            $query->whereIn('work_orders.id', self::changed((int) $asked['edit']));
        }
        $cents = $this->cents($asked['cost'] ?? null);
        if ($cents !== null) {
            $query->where('booked_cents', '>=', $cents);
        }

        return $query;
    }

    /**
     * What narrows the list, in words.
     *
     * @param  array<string, string>  $asked
     */
    public function words(int $siteId, array $asked): string
    {
        $said = [];
        foreach ($asked as $key => $value) {
            $said[] = match ($key) {
                'team' => 'team '.self::name('teams', $value, $siteId),
                'class' => self::name('equipment_classes', $value),
                'under' => 'at '.self::name('locations', $value, $siteId),
                'over' => "more than {$value} d late",
                'cost' => "cost from {$value}",
                'hold' => "on hold: {$value}",
                'edit' => 'what was changed together',
                default => $value,
            };
        }

        return implode(', ', $said);
    }

    /** @param  Builder<WorkOrder>  $query */
    private function under(Builder $query, int $place): void
    {
        $path = DB::table('locations')->where('id', $place)->value('path');
        $below = static fn (string $table) => DB::table($table)->where('path', 'like', "{$path}%")->select('id');
        if (is_string($path)) {
            $query->where(static fn ($any) => $any
                ->whereIn('asset_id', $below('assets'))
                ->orWhereIn('location_id', $below('locations')));
        }
    }

    /** @return list<int> the orders of a change of many; the list is of one site anyhow */
    private static function changed(int $edit): array
    {
        $before = (array) json_decode((string) DB::table('order_edits')->where('id', $edit)->value('before'), true);

        return array_map(intval(...), array_keys($before));
    }

    /** Nobody learns by a filter what they may not see. */
    private function cents(?string $typed): ?int
    {
        if ($typed === null || ! Rights::has(Right::SeeCosts)) {
            return null;
        }
        try {
            return Money::parse($typed, 'cost');
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Of another site nothing is named. */
    private static function name(string $table, string $id, ?int $siteId = null): string
    {
        return (string) DB::table($table)
            ->where('id', (int) $id)
            ->when($siteId !== null, static fn ($some) => $some->where('site_id', $siteId))
            ->value('name');
    }
}
