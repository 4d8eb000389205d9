<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** The index of assets: one page of lines, what filters it, and what that hides. */
final class AssetIndex
{
    private const PER_PAGE = 60;

    /** Nearness as the database sees it, for filtering and sorting; its words are made by the core from the same dates. */
    private const NEARNESS = "CASE WHEN n.late_from <= ? THEN 'late' WHEN n.next_due_on <= ? THEN 'due' WHEN n.near_from <= ? THEN 'near' WHEN n.hand_label IS NOT NULL THEN 'in hand' WHEN n.next_due_on IS NOT NULL THEN 'clear' ELSE 'none' END";

    /**
     * @param  array{q?: string|null, place?: int|null, near?: string|null, life?: string|null, sort?: string|null}  $filter
     * @param  list<string>|null  $lines  paths that the person may see; null for all
     * @return array{lines: list<AssetLine>, found: int, total: int, hidden: int, hiddenLate: int, more: bool}
     */
    public function __invoke(int $siteId, LocalDate $today, array $filter, ?array $lines, int $page = 1): array
    {
        $all = $this->base($siteId, $lines);
        $filtered = $this->filter($this->base($siteId, $lines), $today, $filter);
        $plain = array_filter(array_diff_key($filter, ['sort' => 1]), static fn (mixed $value): bool => $value !== null && $value !== '') === [];
        $total = (clone $all)->count();
        $found = $plain ? $total : (clone $filtered)->count();
        $late = static fn (Builder $query): int => (clone $query)->where('n.late_from', '<=', (string) $today)->count();
        $rows = $this->sort($filtered, $today, $filter['sort'] ?? 'near')->offset(($page - 1) * self::PER_PAGE)->limit(self::PER_PAGE + 1)
            ->get(['a.id', 'a.tag', 'a.name', 'a.life_state', 'n.base_on', 'n.next_due_on', 'n.near_from', 'n.release_on', 'n.headline', 'n.hand_label', 'n.hand_due_on', 'n.hand_base_on', 'n.late_from', 'n.expected', 'n.other_due_on', DB::raw('COALESCE(n.open_orders, 0) as open_orders')]);

        return [
            'lines' => $rows->take(self::PER_PAGE)->map(static fn (object $row): AssetLine => AssetLine::of($row, $today))->values()->all(),
            'found' => $found, 'total' => $total, 'hidden' => $total - $found,
            'hiddenLate' => $total === $found ? 0 : $late($all) - $late($filtered), 'more' => $rows->count() > self::PER_PAGE,
        ];
    }

    /** @return array<string, int> how many assets are late, due, near, in hand, clear and without a schedule */
    public function summary(int $siteId, LocalDate $today, ?array $lines): array
    {
        $counts = $this->base($siteId, $lines)->where('a.life_state', '<>', 'retired')->selectRaw(self::NEARNESS.' as state, COUNT(*) as n', array_fill(0, 3, (string) $today))->groupBy('state')->pluck('n', 'state')->all();

        return array_map(intval(...), array_replace(array_fill_keys(['late', 'due', 'near', 'in hand', 'clear', 'none'], 0), $counts));
    }

    private function base(int $siteId, ?array $lines): Builder
    {
        $query = DB::table('assets as a')->leftJoin('asset_nearness as n', 'n.asset_id', '=', 'a.id')->where('a.site_id', $siteId);
        if ($lines !== null) {
            $query->where(static function (Builder $either) use ($lines): void {
                $either->whereRaw('1 = 0');
                foreach ($lines as $line) {
                    $either->orWhere('a.path', 'like', $line.'%');
                }
            });
        }

        return $query;
    }

    /** @param  array{q?: string|null, place?: int|null, near?: string|null, life?: string|null, sort?: string|null}  $filter */
    private function filter(Builder $query, LocalDate $today, array $filter): Builder
    {
        if (($filter['q'] ?? '') !== '') {
            $like = '%'.addcslashes((string) $filter['q'], '%_\\').'%';
            $query->where(static fn (Builder $any) => $any->where('a.tag', 'like', $like)->orWhere('a.name', 'like', $like)->orWhere('a.make', 'like', $like)->orWhere('a.model', 'like', $like)->orWhere('a.serial', 'like', $like));
        }
        if (($filter['place'] ?? null) !== null) {
            $query->where('a.path', 'like', DB::table('locations')->where('id', $filter['place'])->value('path').'%');
        }
        if (($filter['near'] ?? '') !== '') {
            $query->whereRaw(self::NEARNESS.' = ?', [...array_fill(0, 3, (string) $today), $filter['near']]);
        }
        if (($filter['life'] ?? '') !== '') {
            $query->where('a.life_state', $filter['life']);
        }

        return $query;
    }

    private function sort(Builder $query, LocalDate $today, string $sort): Builder
    {
        return match ($sort) {
            'tag' => $query->orderBy('a.tag'),
            'name' => $query->orderBy('a.name')->orderBy('a.tag'),
            default => $query->orderByRaw('FIELD('.self::NEARNESS.", 'late', 'due', 'near', 'in hand', 'clear', 'none')", array_fill(0, 3, (string) $today))->orderByRaw('COALESCE(n.next_due_on, n.hand_due_on)')->orderBy('a.name'),
        };
    }
}
