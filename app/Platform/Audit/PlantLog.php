<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Sites\Site;
use App\Platform\Subject;
use DateTimeImmutable;
use DateTimeZone;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** All that was recorded at a site, newest first: who, when, what, old and new. */
final readonly class PlantLog
{
    public function __construct(private LogQuery $lines)
    {
    }

    /**
     * @param array{kind?: string, person?: int, from?: string, to?: string, q?: string, about?: Subject,
     *     setup?: bool} $filter setup: with what was set up for all sites
     * @return list<LogLine> a page, older than entry $before where given
     */
    public function page(Site $site, array $filter, int $most = 50, ?int $before = null): array
    {
        $query = $this->query($site, $filter)->orderByDesc('e.id')->limit($most);

        return $this->lines->lines(
            ($before === null ? $query : $query->where('e.id', '<', $before))->get(),
            $site->zone(),
        );
    }

    /**
     * @param array{kind?: string, person?: int, from?: string, to?: string, q?: string, about?: Subject,
     *     setup?: bool} $filter
     * @return Generator<LogLine>
     */
    public function all(Site $site, array $filter): Generator
    {
        for ($before = null; ; $before = end($page)->id) {
            $page = $this->page($site, $filter, 500, $before);
            yield from $page;
            if (count($page) < 500) {
                return;
            }
        }
    }

    /** @return list<string> the kinds of records that were written about here */
    public function kinds(Site $site): array
    {
        return array_values(
            DB::table('audit_entries')
                ->where('site_id', $site->id)
                ->distinct()
                ->orderBy('kind')
                ->pluck('kind')
                ->all(),
        );
    }

    /**
     * @param  array{kind?: string, person?: int, from?: string, to?: string, q?: string, about?: Subject,
     *     setup?: bool} $filter
     */
    private function query(Site $site, array $filter): Builder
    {
        $query = DB::table('audit_entries as e')->select('e.*');
        if (isset($filter['about'])) {
            $query
                ->join('audit_subjects as s', 's.audit_entry_id', '=', 'e.id')
                ->where('s.kind', $filter['about']->kind)
                ->where('s.subject_id', $filter['about']->id);
        } else {
            $query->where(
                static fn (Builder $any) => $any
                    ->where('e.site_id', $site->id)
                    ->when($filter['setup'] ?? false, static fn (Builder $or) => $or->orWhereNull('e.site_id')),
            );
        }
        if (isset($filter['kind'])) {
            $query->where('e.kind', $filter['kind']);
        }
        if (isset($filter['person'])) {
            $query->where('e.user_id', $filter['person']);
        }
        if (isset($filter['q'])) {
            $query->where('e.did', 'like', '%'.addcslashes($filter['q'], '%_\\').'%');
        }
        foreach (['from' => ['>=', '00:00:00'], 'to' => ['<=', '23:59:59.999999']] as $key => [$side, $time]) {
            if (isset($filter[$key])) {
                $query->where(
                    'e.at',
                    $side,
                    (new DateTimeImmutable("{$filter[$key]} {$time}", $site->zone()))
                        ->setTimezone(new DateTimeZone('UTC'))
                        ->format('Y-m-d H:i:s.u'),
                );
            }
        }

        return $query;
    }

    /** @return Collection<int, string> names by id, of those who belong to a site */
    public function people(Site $site): Collection
    {
        return DB::table('users')
            ->whereIn('id', DB::table('user_sites')->where('site_id', $site->id)->select('user_id'))
            ->orderBy('name')
            ->pluck('name', 'id');
    }
}
