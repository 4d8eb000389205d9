<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Inputs\CostSlice;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\CostBy;
use Sundial\Costing\CostKind;

/** What the keys are called by which costs are put together. */
final readonly class CostNames
{
    /**
     * @param  list<string>  $keys
     * @return array<string, string> by key
     */
    public function of(CostSlice $slice, array $keys): array
    {
        return match ($slice->by) {
            CostBy::Place => $this->places($keys),
            CostBy::EquipmentClass => $this->named('equipment_classes', 'name', $keys),
            CostBy::CostCentre => $this->named('cost_centres', "CONCAT(code, ' ', name)", $keys),
            default => [],
        };
    }

    /** @return array<string, array<string, string>> the accounts of the books, by type of orders and kind of cost */
    public function accounts(): array
    {
        $accounts = [];
        foreach (DB::table('type_accounts')->get() as $one) {
            $accounts[(string) $one->type][(string) $one->kind] = (string) $one->account;
        }

        return $accounts;
    }

    /**
     * The same a line each, in an order of their own: what differs between two of them can be named.
     *
     * @param  array<string, array<string, string>>  $accounts
     * @return array<string, string>
     */
    public static function words(array $accounts): array
    {
        $words = [];
        foreach ($accounts as $type => $kinds) {
            foreach (CostKind::cases() as $kind) {
                $words["{$type}, {$kind->value}"] = $kinds[$kind->value] ?? '';
            }
        }
        $words = array_filter($words, static fn (string $account): bool => $account !== '');
        ksort($words);

        return $words;
    }

    /** @return list<array{string, string}> what stands above the place that is looked at: path and name */
    public function above(CostSlice $slice): array
    {
        $keys = $slice->under === null ? [] : explode('/', trim($slice->under, '/'));
        $names = $this->places($keys);
        $path = '/';
        $crumbs = [];
        foreach ($keys as $key) {
            $path .= "{$key}/";
            $crumbs[] = [$path, $names[$key] ?? $key];
        }

        return $crumbs;
    }

    /**
     * @param  list<string>  $keys  such as L7, A12
     * @return array<string, string>
     */
    private function places(array $keys): array
    {
        $names = [];
        foreach (['L' => 'locations', 'A' => 'assets'] as $letter => $table) {
            $ids = array_map(
                static fn (string $key): int => (int) substr($key, 1),
                array_filter($keys, static fn (string $key): bool => str_starts_with($key, $letter)),
            );
            foreach (DB::table($table)->whereIn('id', $ids)->get(['id', 'name', 'tag']) as $row) {
                $names["{$letter}{$row->id}"] = "{$row->name} · {$row->tag}";
            }
        }

        return $names;
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, string>
     */
    private function named(string $table, string $name, array $keys): array
    {
        return DB::table($table)
            ->whereIn('id', array_map(intval(...), array_filter($keys)))
            ->selectRaw("id, {$name} as said")
            ->pluck('said', 'id')
            ->mapWithKeys(static fn (mixed $said, mixed $id): array => [(string) $id => (string) $said])
            ->all();
    }
}
