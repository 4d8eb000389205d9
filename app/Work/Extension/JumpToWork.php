<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\JumpSource;
use App\Platform\Jump\Hit;
use App\Platform\Jump\Matching;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** Finds orders by number and open ones by title, and the work of a person by name. */
final class JumpToWork implements JumpSource
{
    public function find(string $text, array $words, int $siteId, int $most): array
    {
        if (! Rights::has(Right::SeePlant)) {
            return [];
        }
        $number = preg_match('/^w?[-\s]?(\d{1,15})$/i', $text, $found) === 1 ? (int) $found[1] : null;
        $orders = DB::table('work_orders')->where('site_id', $siteId);
        $rows =
            $number !== null
                ? (clone $orders)->where('number', $number)->get(['id', 'number', 'title', 'state'])
                : Matching::words($orders->whereNotNull('open_due_on'), $words, ['title'])
                    ->orderBy('open_due_on')
                    ->limit($most)
                    ->get(['id', 'number', 'title', 'state']);
        $people = Matching::words(
            DB::table('users')
                ->where('active', true)
                ->whereIn('id', DB::table('user_sites')->where('site_id', $siteId)->select('user_id')),
            $words,
            ['name', 'login'],
        )
            ->orderBy('name')
            ->limit(4)
            ->get(['id', 'name']);

        return [
            ...$rows
                ->map(
                    static fn (object $row): Hit => new Hit(
                        'order',
                        $row->title,
                        "W-{$row->number}",
                        "order, {$row->state}",
                        "/orders/{$row->id}",
                    ),
                )
                ->values()
                ->all(),
            ...$people
                ->map(
                    static fn (object $row): Hit => new Hit(
                        'person',
                        $row->name,
                        '',
                        'person: the orders in their hands',
                        "/orders?person={$row->id}",
                    ),
                )
                ->values()
                ->all(),
        ];
    }

    public function names(int $siteId): iterable
    {
        return DB::table('users')
            ->where('active', true)
            ->whereIn('id', DB::table('user_sites')->where('site_id', $siteId)->select('user_id'))
            ->pluck('name');
    }
}
