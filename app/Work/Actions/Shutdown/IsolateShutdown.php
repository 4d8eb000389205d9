<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Models\Asset;
use App\Work\Actions\Isolation\IssueIsolation;
use App\Work\Isolations\Workers;
use App\Work\Models\OrderIsolation;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Shutdowns\HeldShutdown;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Isolation\Isolation;

/** Issues one isolation of what stands for all open orders of a shutdown on it and inside it. */
final readonly class IsolateShutdown
{
    public function __construct(
        private HeldShutdown $held,
        private IssueIsolation $issue,
        private Workers $workers,
        private Clock $clock,
    ) {
    }

    /**
     * @param  list<string>  $points
     * @return array{OrderIsolation, int} and for how many orders it is
     */
    public function __invoke(
        Actor $by,
        Shutdown $shutdown,
        Asset $on,
        array $points,
        DateTimeImmutable $until,
    ): array {
        return DB::transaction(function () use ($by, $shutdown, $on, $points, $until): array {
            $shutdown = $this->held->open($shutdown);
            if (! $shutdown->standing()->whereKey($on->id)->exists()) {
                throw InvalidInput::because('not_standing', 'isolated', 'Choose one of the assets that stand.');
            }
            $orders = $this->held->orders($shutdown->site_id, ...$this->behind($shutdown, $on));
            if ($orders === []) {
                throw InvalidInput::because(
                    'no_orders',
                    'isolated',
                    "No open order of {$shutdown->label()} is on {$on->tag} or inside it.",
                );
            }
            foreach ($orders as $order) {
                Isolation::issue((int) $by->id, $this->workers->of($order), $until, $this->clock->now());
            }
            $isolation = ($this->issue)($by, $orders[0], $points, $until, null, $on->id);
            $isolation->orders()->syncWithoutDetaching(
                array_map(static fn (WorkOrder $one): int => $one->id, $orders),
            );

            return [$isolation, count($orders)];
        });
    }

    /** @return list<WorkOrder> */
    private function behind(Shutdown $shutdown, Asset $on): array
    {
        $inside = DB::table('assets')->where('path', 'like', "{$on->path}%")->select('id');

        return array_values(
            $shutdown
                ->orders()
                ->whereNotNull('open_due_on')
                ->where(static fn (Builder $any) => $any->whereIn('work_orders.asset_id', $inside))
                ->get()
                ->all(),
        );
    }
}
