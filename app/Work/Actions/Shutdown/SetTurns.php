<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Seen;
use App\Work\Models\Shutdown;
use App\Work\Queries\ShutdownLines;
use App\Work\Shutdowns\HeldShutdown;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Shutdown\Turns;

/** Says in which turn each order of a shutdown is done: as it was typed, or from what follows what. */
final readonly class SetTurns
{
    private const MOST = 999;

    public function __construct(private HeldShutdown $held, private ShutdownLines $lines, private Audit $audit)
    {
    }

    /** @param  array<int, int>|null  $typed  the turn by order; null: from the links between them */
    public function __invoke(Actor $by, Shutdown $shutdown, ?array $typed, Seen $seen): void
    {
        DB::transaction(function () use ($by, $shutdown, $typed, $seen): void {
            $shutdown = $this->held->open($shutdown);
            if ($typed !== null) {
                $this->check($seen, $this->lines->turns($shutdown->id), $typed);
            }
            $standing = DB::table('shutdown_orders')
                ->where('shutdown_id', $shutdown->id)
                ->lockForUpdate()
                ->pluck('turn', 'order_id');
            $orders = array_values(array_map(intval(...), $standing->keys()->all()));
            $moved = 0;
            foreach ($typed ?? $this->linked($orders) as $id => $turn) {
                if ($turn < 1 || $turn > self::MOST) {
                    throw InvalidInput::outside("turns.{$id}", $turn, 1, self::MOST);
                }
                if ($standing->has($id) && (int) $standing->get($id) !== $turn) {
                    $moved += DB::table('shutdown_orders')->where('order_id', $id)->update(['turn' => $turn]);
                }
            }
            if ($moved > 0) {
                $this->audit->record($by, $shutdown->subject(), "set the sequence of {$shutdown->label()}");
            }
        });
    }

    /**
     * @param  array<int, array{string, int}>  $turns  label and turn, as they stand
     * @param  array<int, int>  $typed
     */
    private function check(Seen $seen, array $turns, array $typed): void
    {
        $wanted = [];
        foreach ($turns as $id => [$label, $turn]) {
            $wanted[$label] = $typed[$id] ?? $turn;
        }
        $seen->check(array_column($turns, 1, 0), $wanted);
    }

    /**
     * @param  list<int>  $orders
     * @return array<int, int>
     */
    private function linked(array $orders): array
    {
        $follows = DB::table('order_links')
            ->whereIn('order_id', $orders)
            ->where('kind', 'follows')
            ->get(['order_id', 'other_id'])
            ->map(static fn (object $one): array => [(int) $one->order_id, (int) $one->other_id])
            ->all();

        return Turns::of($orders, array_values($follows));
    }
}
