<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use Closure;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Stops\Reliability;

/** The many assets that neither stood nor failed in a period: counted together, as each was wanted and ran. */
final readonly class QuietAssets
{
    /** The id of the place at the top of a path, which begins with it: /L7/… */
    private const TOP = "IF(a.path LIKE '/L%', CAST(SUBSTRING(SUBSTRING_INDEX(a.path, '/', 2), 3) AS UNSIGNED), 0)";

    /**
     * @param  list<stdClass>  $except  those that stood or failed
     * @return array<int, array{assets: int, is: Reliability}> by class, by its id
     */
    public function byClass(ReliabilityAsked $asked, array $except): array
    {
        return $this->by($asked, $except, 'a.class_id', static fn (stdClass $one): int => (int) $one->class_id);
    }

    /**
     * @param  list<stdClass>  $except  those that stood or failed
     * @return array<int, array{assets: int, is: Reliability}> by the place at the top, by its id
     */
    public function byPlace(ReliabilityAsked $asked, array $except): array
    {
        return $this->by($asked, $except, self::TOP, ReliabilityOf::placeOf(...));
    }

    /**
     * @param  list<stdClass>  $except  those that stood or failed
     * @return list<array{stdClass, Reliability}> the first ones by name, each
     */
    public function first(ReliabilityAsked $asked, array $except, int $most): array
    {
        $assets = $asked->assets()
            ->whereNotIn('a.id', array_column($except, 'id'))
            ->orderBy('a.name')
            ->limit($most)
            ->get(['a.id', 'a.name', 'a.tag', 'a.in_service_on']);

        return array_values($assets->map(static fn (stdClass $one): array => [
            $one,
            Reliability::without(self::wanted($asked, $one->in_service_on)),
        ])->all());
    }

    /**
     * All of them less those that stood: the database counts them from an index, and looks only at those closer that
     * came into service within the period.
     *
     * @param  list<stdClass>  $except
     * @param  Closure(stdClass): int  $keyOf
     * @return array<int, array{assets: int, is: Reliability}>
     */
    private function by(ReliabilityAsked $asked, array $except, string $key, Closure $keyOf): array
    {
        // Its midnight may lie a day from ours.
        $from = gmdate('Y-m-d', $asked->period->from - 86_400);
        $all = $this->counted($asked, $key);
        $late = [];
        foreach ($this->cameSince($asked, $key, $from) as $row) {
            $late[(int) $row->key][(string) $row->in_service_on] = (int) $row->assets;
        }
        foreach ($except as $asset) {
            $all[$keyOf($asset)]--;
            if ($asset->in_service_on >= $from) {
                $late[$keyOf($asset)][(string) $asset->in_service_on]--;
            }
        }
        $by = [];
        foreach ($all as $of => $assets) {
            $times = [($assets - array_sum($late[$of] ?? [])) * self::wanted($asked, null)];
            foreach ($late[$of] ?? [] as $since => $came) {
                $times[] = $came * self::wanted($asked, $since);
            }
            $by[$of] = ['assets' => $assets, 'is' => Reliability::without(array_sum($times))];
        }

        return array_filter($by, static fn (array $some): bool => $some['assets'] > 0);
    }

    /** @return array<int, int> how many assets there are, by key */
    private function counted(ReliabilityAsked $asked, string $key): array
    {
        // In the order of the index, so that nothing is sorted.
        $rows = $asked->assets()
            ->groupBy('a.life_state')
            ->groupByRaw('`key`')
            ->selectRaw("{$key} as `key`, COUNT(*) as assets")
            ->get();
        $counted = [];
        foreach ($rows as $row) {
            $counted[(int) $row->key] = ($counted[(int) $row->key] ?? 0) + (int) $row->assets;
        }

        return $counted;
    }

    /** @return Collection<int, stdClass> key, in_service_on, assets */
    private function cameSince(ReliabilityAsked $asked, string $key, string $from): Collection
    {
        return $asked->assets()
            ->where('a.in_service_on', '>=', $from)
            ->groupByRaw('`key`, a.in_service_on')
            ->selectRaw("{$key} as `key`, a.in_service_on, COUNT(*) as assets")
            ->get()
            ->toBase();
    }

    /** Seconds in which one that is in service since a day was wanted. */
    private static function wanted(ReliabilityAsked $asked, ?string $since): int
    {
        return $asked->requiredIn($asked->periodSince($since))->seconds();
    }
}
