<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\InUse;
use App\Platform\Import\Trace;
use App\Platform\Subject;
use App\Register\Models\ExpiryDate;
use App\Register\Queries\RegisterStanding;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Takes a register file back: what it changed holds again what it held, what it made goes, or nothing does when some
 * of it is in use.
 */
final readonly class TakeRegisterBack
{
    private const OWN = [
        'asset' => ['asset_summaries', 'extra_values'],
        'location' => ['location_operators'],
        'class' => [],
    ];

    private const TABLES = ['asset' => 'assets', 'location' => 'locations', 'class' => 'equipment_classes'];

    public function __construct(
        private ChangeFromFile $change,
        private RegisterStanding $standing,
        private Audit $audit,
    ) {
    }

    /**
     * @param  list<array{kind: string, id: int, did: string, before: array<string, string|null>,
     *     after: array<string, string|null>}> $did the last first
     */
    public function __invoke(Actor $by, int $siteId, array $did): void
    {
        DB::transaction(function () use ($by, $siteId, $did): void {
            $this->changeBack(
                $by,
                $siteId,
                array_values(array_filter($did, static fn (array $line): bool => $line['did'] === 'changed')),
            );
            foreach (self::TABLES as $kind => $table) {
                $ids = array_column(
                    array_filter(
                        $did,
                        static fn (array $line): bool => $line['did'] === 'made' && $line['kind'] === $kind,
                    ),
                    'id',
                );
                $used = $ids === [] ? [] : $this->used($kind, $table, $ids);
                // A class that others use by now stays; nothing is lost by it.
                $kind === 'class'
                    ? ($ids = array_values(array_diff($ids, array_keys($used))))
                    : $this->refuseUsed($table, $used);
                $this->remove($by, $siteId, $kind, $table, $ids);
            }
        });
    }

    /**
     * @param  list<array{kind: string, id: int, did: string, before: array<string, string|null>,
     *     after: array<string, string|null>}> $changes
     */
    private function changeBack(Actor $by, int $siteId, array $changes): void
    {
        $now =
            $changes === []
                ? []
                : array_column(
                    array_map(
                        static fn (array $row): array => ['key' => "{$row['kind']} {$row['id']}"] + $row,
                        ($this->standing)($siteId),
                    ),
                    null,
                    'key',
                );
        foreach ($changes as $line) {
            $back = Trace::back($line, $now["{$line['kind']} {$line['id']}"]['cells'] ?? []);
            if ($back !== []) {
                ($this->change)($by, $siteId, $line['kind'], $line['id'], $back);
            }
        }
    }

    /** @param  list<int>  $ids
     * @return array<int, string> */
    private function used(string $kind, string $table, array $ids): array
    {
        $used = InUse::of($table, $ids, self::OWN[$kind]);
        foreach ($kind === 'asset' ? ['documents' => 'removed_at', 'expiry_dates' => null] : [] as $on => $gone) {
            foreach (array_chunk($ids, 1000) as $some) {
                $rows = DB::table($on)
                    ->where('kind', $kind)
                    ->whereIn('subject_id', $some)
                    ->when($gone === null, static fn ($query) => $query->where('what', '<>', ExpiryDate::WARRANTY));
                foreach ($rows->limit(20)->pluck('subject_id') as $id) {
                    $used[(int) $id] ??= str_replace('_', ' ', $on);
                }
            }
        }

        return $used;
    }

    /** @param  array<int, string>  $used */
    private function refuseUsed(string $table, array $used): void
    {
        if ($used !== []) {
            $tags = DB::table($table)
                ->whereIn('id', array_keys($used))
                ->orderBy('tag')
                ->limit(5)
                ->pluck('tag', 'id');
            $some = $tags->map(static fn (string $tag, int $id): string => "{$tag} ({$used[$id]})")->implode(', ');
            throw InvalidInput::because(
                'in_use',
                'file',
                "Nothing was taken back, because some of what was loaded is in use by now: {$some}".
                    (count($used) > 5 ? ' and others' : '').
                    '. Retire or move those by hand instead.',
            );
        }
    }

    /** @param  list<int>  $ids */
    private function remove(Actor $by, int $siteId, string $kind, string $table, array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $names =
            $kind === 'class'
                ? []
                : DB::table($table)
                    ->whereIn('id', $ids)
                    ->get(['id', 'tag', 'name'])
                    ->map(
                        static fn (object $row): array => [
                            Subject::of($kind, (int) $row->id, $siteId),
                            "took {$row->name} ({$row->tag}) back",
                            [],
                        ],
                    )
                    ->values()
                    ->all();
        foreach (array_chunk($ids, 1000) as $some) {
            foreach (self::OWN[$kind] as $own) {
                DB::table($own)
                    ->whereIn($kind === 'asset' ? 'asset_id' : 'location_id', $some)
                    ->delete();
            }
            if ($kind === 'asset') {
                DB::table('expiry_dates')->where('kind', 'asset')->whereIn('subject_id', $some)->delete();
            }
        }
        // Those inside come before what they stand in.
        $depths =
            $kind === 'class'
                ? [$ids]
                : DB::table($table)
                    ->whereIn('id', $ids)
                    ->selectRaw("id, LENGTH(path) - LENGTH(REPLACE(path, '/', '')) as depth")
                    ->get()
                    ->groupBy('depth')
                    ->sortKeysDesc()
                    ->map(static fn ($rows) => $rows->pluck('id')->all())
                    ->all();
        foreach ($depths as $level) {
            foreach (array_chunk($level, 1000) as $some) {
                DB::table($table)->whereIn('id', $some)->delete();
            }
        }
        $this->audit->recordMany($by, array_values($names));
    }
}
