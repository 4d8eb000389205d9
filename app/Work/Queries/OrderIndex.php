<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\Platform\Lists\Capped;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use Sundial\Calendar\LocalDate;

/** The index of orders: open ones first by due date; what filters it, and what that hides. */
final class OrderIndex
{
    public const MOST = 2000;

    private const PER_PAGE = 60;

    private const COLUMNS = [
        'batch' => 'batch_id',
        'asset' => 'asset_id',
        'place' => 'location_id',
        'person' => 'assignee_id',
    ];

    /**
     * @param array{q?: string|null, state?: string|null, mine?: bool, late?: string|null, person?: int|null,
     *     batch?: int|null, asset?: int|null, place?: int|null, more?: array<string, string>,
     *     today?: LocalDate} $filter
     * @return array{orders: Collection<int, WorkOrder>, found: int, total: int, hidden: int, more: bool}
     */
    public function __invoke(int $siteId, User $person, array $filter, int $page = 1): array
    {
        $query = $this->filter(
            WorkOrder::query()->where('site_id', $siteId)->with(['asset:id,tag,name', 'location:id,tag,name']),
            $person,
            $filter,
        );
        $all = WorkOrder::query()->where('site_id', $siteId);
        $rows = $this->ordered(clone $query, $filter)
            ->offset(($page - 1) * self::PER_PAGE)
            ->limit(self::PER_PAGE + 1)
            ->get();
        // What one page holds is counted already: it is not looked for once more.
        ['total' => $total, 'found' => $found] = $page === 1 && $rows->count() <= self::PER_PAGE
            ? self::capped(['total' => $all]) + ['found' => $rows->count()]
            : self::capped(['total' => $all, 'found' => $query]);

        return [
            'orders' => $rows->take(self::PER_PAGE),
            'found' => $found,
            'total' => $total,
            'hidden' => $total > self::MOST && ($filter['state'] ?? 'open') !== 'all'
                ? self::MOST + 1
                : $total - $found,
            'more' => $rows->count() > self::PER_PAGE,
        ];
    }

    /**
     * @param array{q?: string|null, state?: string|null, mine?: bool, late?: string|null, person?: int|null,
     *     batch?: int|null, asset?: int|null, place?: int|null, more?: array<string, string>,
     *     today?: LocalDate} $filter
     * @return LazyCollection<int, WorkOrder> all of them, for a file
     */
    public function all(int $siteId, User $person, array $filter): LazyCollection
    {
        return $this->ordered(
            $this->filter(
                WorkOrder::query()
                    ->where('site_id', $siteId)
                    ->with(['asset:id,tag,name', 'location:id,tag,name', 'team:id,name', 'assignee:id,name']),
                $person,
                $filter,
            ),
            $filter,
        )->lazy(500);
    }

    /** @param  Builder<WorkOrder>  $query
     * @param  array{state?: string|null}  $filter
     * @return Builder<WorkOrder> */
    private function ordered(Builder $query, array $filter): Builder
    {
        return match ($filter['state'] ?? 'open') {
            'done', 'closed', 'cancelled', 'all' => $query->orderByDesc('number'),
            default => $query->orderBy('open_due_on')->orderBy('number'),
        };
    }

    /** Counted this far: beyond it nobody reads the number, and counting is what makes long lists slow.
     * @template T of array<string, Builder<WorkOrder>>
     *
     * @param  T  $queries
     * @return array<key-of<T>, int> */
    private static function capped(array $queries): array
    {
        $asked = DB::query();
        foreach ($queries as $name => $query) {
            $asked->selectSub(
                Capped::rows($query->toBase(), self::MOST + 1)->selectRaw('COUNT(*)'),
                $name,
            );
        }

        return array_map(static fn (mixed $n): int => (int) $n, (array) $asked->first());
    }

    /**
     * @param array{q?: string|null, state?: string|null, mine?: bool, late?: string|null, person?: int|null,
     *     batch?: int|null, asset?: int|null, place?: int|null, more?: array<string, string>,
     *     today?: LocalDate} $filter
     * @return Builder<WorkOrder> what the list shows of a site, in no order yet
     */
    public function narrowed(int $siteId, User $person, array $filter): Builder
    {
        return $this->filter(WorkOrder::query()->where('site_id', $siteId), $person, $filter);
    }

    /** @param  Builder<WorkOrder>  $query
     * @param array{q?: string|null, state?: string|null, mine?: bool, late?: string|null, person?: int|null,
     *     batch?: int|null, asset?: int|null, place?: int|null, more?: array<string, string>,
     *     today?: LocalDate} $filter
     * @return Builder<WorkOrder> */
    private function filter(Builder $query, User $person, array $filter): Builder
    {
        $state = $filter['state'] ?? 'open';
        if ($state === 'open') {
            $query->whereNotNull('open_due_on');
        } elseif ($state !== 'all') {
            $query->where('state', $state);
        }
        if (($filter['q'] ?? '') !== '') {
            $q = (string) $filter['q'];
            $like = '%'.addcslashes($q, '%_\\').'%';
            $number = preg_match('/^w?-?(\d+)$/i', $q, $found) === 1 ? (int) $found[1] : null;
            $query->where(
                static fn ($any) => $any
                    ->where('title', 'like', $like)
                    ->orWhere('former', $q)
                    ->when($number !== null, static fn ($or) => $or->orWhere('number', $number))
                    ->orWhereIn(
                        'asset_id',
                        static fn ($assets) => $assets
                            ->select('id')
                            ->from('assets')
                            ->where('tag', 'like', $like)
                            ->orWhere('name', 'like', $like),
                    )
                    ->orWhereIn(
                        'location_id',
                        static fn ($places) => $places
                            ->select('id')
                            ->from('locations')
                            ->where('tag', 'like', $like)
                            ->orWhere('name', 'like', $like),
                    ),
            );
        }
        if ($filter['mine'] ?? false) {
            $query->where(
                static fn ($own) => $own
                    ->where('assignee_id', $person->id)
                    ->orWhere(
                        static fn ($team) => $team->whereNull('assignee_id')->whereIn('team_id', $person->teamIds()),
                    ),
            );
        }
        if (($filter['late'] ?? null) !== null) {
            $query->where('due_on', '<', $filter['late']);
        }
        foreach (self::COLUMNS as $key => $column) {
            if (($filter[$key] ?? null) !== null) {
                $query->where($column, $filter[$key]);
            }
        }

        return isset($filter['today'])
            ? (new OrderFilters())->apply($query, $filter['more'] ?? [], $filter['today'])
            : $query;
    }
}
