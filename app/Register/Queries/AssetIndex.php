<?php

declare(strict_types=1);

namespace App\Register\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\Nearness;

/** The index of assets: one page of lines, what filters it, and what that hides. */
final class AssetIndex
{
    private const PER_PAGE = 60;

    /**
     * @param array{q?: string|null, place?: int|null, near?: string|null, life?: string|null,
     *     sort?: string|null} $filter
     * @param  list<string>|null  $lines  paths that the person may see; null for all
     * @return array{lines: list<AssetLine>, found: int, total: int, hidden: int, hiddenLate: int, more: bool}
     */
    public function __invoke(int $siteId, LocalDate $today, array $filter, ?array $lines, int $page = 1): array
    {
        $all = $this->base($siteId, $lines);
        $filtered = $this->filter($this->base($siteId, $lines), $filter);
        $plain =
            array_filter(
                array_diff_key($filter, ['sort' => 1]),
                static fn (mixed $value): bool => $value !== null && $value !== '',
            ) === [];
        $inAll = $lines === null ? DB::table('asset_summaries')->where('site_id', $siteId) : clone $all;
        $late = static fn (Builder $query): int => (clone $query)
            ->where('n.urgency', Nearness::Late->rank())
            ->count();
        $rows = $this->sort(
            (clone $filtered)->selectSub((clone $inAll)->selectRaw('COUNT(*)'), 'total'),
            $filter['sort'] ?? 'near',
        )
            ->offset(($page - 1) * self::PER_PAGE)
            ->limit(self::PER_PAGE + 1)
            ->addSelect(AssetLine::COLUMNS)
            ->get();
        // The count comes with the rows; where there are none, it is asked for.
        $total = (int) ($rows[0]->total ?? $inAll->count());
        $found = $plain ? $total : (clone $filtered)->count();

        return [
            'lines' => array_values(
                $rows
                    ->take(self::PER_PAGE)
                    ->map(static fn (stdClass $row): AssetLine => AssetLine::of($row, $today))
                    ->all(),
            ),
            'found' => $found,
            'total' => $total,
            'hidden' => $total - $found,
            'hiddenLate' => $total === $found ? 0 : $late($all) - $late($filtered),
            'more' => $rows->count() > self::PER_PAGE,
        ];
    }

    /** @param  list<string>|null  $lines */
    private function base(int $siteId, ?array $lines): Builder
    {
        return DB::table('asset_summaries as n')
            ->join('assets as a', 'a.id', '=', 'n.asset_id')
            ->where('n.site_id', $siteId)
            ->tap(static fn (Builder $some) => VisibleLines::onLines($some, $lines, 'a.path'));
    }

    /**
     * @param  array{q?: string|null, place?: int|null, near?: string|null, life?: string|null,
     *     sort?: string|null} $filter
     */
    private function filter(Builder $query, array $filter): Builder
    {
        if (($filter['q'] ?? '') !== '') {
            $like = '%'.addcslashes((string) $filter['q'], '%_\\').'%';
            $query->where('a.search', 'like', $like);
        }
        if (($filter['place'] ?? null) !== null) {
            $query->where(
                'a.path',
                'like',
                DB::table('locations')->where('id', $filter['place'])->value('path').'%',
            );
        }
        if (($filter['near'] ?? '') !== '') {
            $query->where('n.urgency', Nearness::tryFrom((string) $filter['near'])?->rank() ?? Nearness::NO_RANK);
        }
        if (($filter['life'] ?? '') !== '') {
            $query->where('a.life_state', $filter['life']);
        }

        return $query;
    }

    private function sort(Builder $query, string $sort): Builder
    {
        return match ($sort) {
            'tag' => $query->orderBy('a.tag'),
            'name' => $query->orderBy('a.name')->orderBy('a.tag'),
            default => $query->orderBy('n.urgency')->orderBy('n.urgent_on')->orderBy('n.asset_id'),
        };
    }
}
