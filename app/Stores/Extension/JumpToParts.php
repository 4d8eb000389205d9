<?php

declare(strict_types=1);

namespace App\Stores\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Finds parts by number and name. */
final class JumpToParts implements JumpSource
{
    public function find(string $text, array $words, int $siteId, int $most): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }

        $tools = Matching::words(DB::table('tools')->where('site_id', $siteId), $words, ['number', 'name'])
            ->where('retired', false)
            ->limit($most)
            ->selectRaw("id, number, name, 'special tool' as kind");
        $found = Matching::words(DB::table('parts')->where('retired', false), $words, ['number', 'name'])
            ->orderBy('name')
            ->limit($most)
            ->selectRaw("id, number, name, 'part' as kind")
            ->unionAll($tools)
            ->get()
            ->all();

        $hits = array_map(static fn (object $one): Hit => new Hit(
            $one->kind === 'part' ? 'part' : 'tool',
            $one->name,
            $one->number,
            $one->kind,
            $one->kind === 'part' ? "/parts/{$one->id}" : "/tools/{$one->id}",
        ), $found);

        return array_values([...$this->purchase($text, $siteId), ...$hits]);
    }

    /** @return list<Hit> the purchase or the count whose number was typed */
    private function purchase(string $text, int $siteId): array
    {
        if (preg_match('/^([bc])-?(\d{1,9})$/iD', trim($text), $found) !== 1) {
            return [];
        }
        [$table, $kind, $path] = strtolower($found[1]) === 'b'
            ? ['purchases', 'purchase', 'purchases']
            : ['stock_counts', 'count', 'counts'];
        $id = DB::table($table)->where('site_id', $siteId)->where('number', (int) $found[2])->value('id');
        $label = strtoupper($found[1])."-{$found[2]}";

        return $id === null ? [] : [new Hit($kind, ucfirst($kind)." {$label}", $label, $kind, "/{$path}/{$id}")];
    }

    public function names(int $siteId): iterable
    {
        return DB::table('parts')->where('retired', false)->limit(5000)->pluck('name');
    }
}
