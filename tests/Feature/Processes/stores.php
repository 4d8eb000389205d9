<?php

declare(strict_types=1);

/*
 * One of several people who move the same few parts at once: so many random receipts, claims, issues, returns, counts
 * and carries, by the application's own actions. Prints, as JSON, how many went, were refused, and what broke.
 */

use App\Platform\Audit\Actor;
use App\Platform\Subject;
use App\Stores\Actions\ClaimParts;
use App\Stores\Actions\CountStock;
use App\Stores\Actions\IssueStock;
use App\Stores\Actions\MoveToStore;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\ReturnStock;
use App\Stores\Actions\SetAside;
use App\Stores\Inputs\Counted;
use App\Stores\Inputs\PartsWanted;
use App\Stores\Models\Stock;
use App\Stores\Stock\Posting;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;

require 'vendor/autoload.php';
$app = require 'bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $seed, $count] = $argv;
mt_srand((int) $seed);
$by = Actor::guest("Person {$seed}");
$second = Actor::person((int) DB::table('users')->min('id'), 'Second');
$stocks = Stock::query()->orderBy('id')->get();
$stores = DB::table('stores')->orderBy('id')->pluck('id')->all();
$site = (int) DB::table('stores')->value('site_id');
$any = static fn (): Stock => $stocks[mt_rand(0, count($stocks) - 1)];
$order = static fn (): Subject => Subject::of('order', mt_rand(1, 12), $site);
$many = static fn (): int => mt_rand(1, 3000);
$moves = [
    static fn () => $app->make(ReceiveStock::class)(
        $any()->id,
        $many(),
        UnitPrice::of(mt_rand(1, 90000)),
        Posting::by($by, MoveKind::Receipt),
    ),
    static function () use ($app, $any, $order, $many): void {
        $for = $order();
        $app->make(ClaimParts::class)(
            PartsWanted::by($for, "W-{$for->id}", mt_rand(0, 4) === 0 ? [] : [
                $any()->part_id => $many(),
                $any()->part_id => $many(),
            ])->ranked(mt_rand(1, 4), '2026-03-'.mt_rand(10, 28), '2026-03-18 08:00:00'),
        );
    },
    static function () use ($app, $any, $order, $many, $by): void {
        $for = $order();
        $app->make(IssueStock::class)(
            $any()->id,
            $many(),
            Posting::by($by, MoveKind::Issue)->for($for, "W-{$for->id}"),
            Consent::cases()[mt_rand(0, 2)],
        );
    },
    static fn () => $app->make(ReturnStock::class)($by, $any()->id, $many(), $order()),
    static fn () => $app->make(CountStock::class)(
        $by,
        $any()->id,
        Counted::now(mt_rand(0, 4000))->worth(UnitPrice::of(50000))->because('counted', $second),
    ),
    static fn () => $app->make(MoveToStore::class)(
        $by,
        $any(),
        (int) $stores[mt_rand(0, count($stores) - 1)],
        $many(),
        Consent::WithRight,
    ),
    static function () use ($app, $order, $by): void {
        $for = $order();
        $app->make(SetAside::class)($by, $for, "W-{$for->id}");
    },
];
$said = ['went' => 0, 'refused' => 0, 'broken' => []];
for ($i = 0; $i < (int) $count; $i++) {
    try {
        $moves[mt_rand(0, count($moves) - 1)]();
        $said['went']++;
    } catch (InvalidInput) {
        $said['refused']++;
    } catch (Throwable $e) {
        $said['broken'][] = $e::class.': '.mb_substr($e->getMessage(), 0, 300);
    }
}
echo json_encode($said, JSON_THROW_ON_ERROR);
