<?php

declare(strict_types=1);

namespace App\Work\Actions\Many;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Work\Models\WorkOrder;
use App\Work\Table\OneChange;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\SundialException;
use Sundial\Work\Many\ChangeOfMany;

/** Takes a change of many orders back, on each that nobody changed since. */
final readonly class UndoChange
{
    public function __construct(private OneChange $one, private Clock $clock)
    {
    }

    /** @return int on how many orders */
    public function __invoke(Actor $by, int $siteId, int $edit): int
    {
        return DB::transaction(function () use ($by, $siteId, $edit): int {
            $made = DB::table('order_edits')
                ->where(['site_id' => $siteId, 'user_id' => $by->id, 'id' => $edit])
                ->whereNull('undone_at')
                ->lockForUpdate()
                ->first();
            $what = ChangeOfMany::tryFrom((string) $made?->what);
            if ($made === null || $what === null || ! $what->canBeUndone()) {
                throw InvalidInput::because('undone', 'form', 'That change was taken back already, or was not yours.');
            }
            $before = (array) json_decode((string) $made->before, true);
            $after = (array) json_decode((string) $made->after, true);
            $count = 0;
            $orders = WorkOrder::query()->whereIn('id', array_keys($before))->orderBy('id')->lockForUpdate()->get();
            foreach ($orders as $order) {
                if (OneChange::held($order, $what) === ($after[$order->id] ?? null)) {
                    $count += $this->back($by, $order, $what, $before[$order->id]) ? 1 : 0;
                }
            }
            DB::table('order_edits')
                ->where('id', $edit)
                ->update(['undone_at' => $this->clock->now()->format('Y-m-d H:i:s.u')]);

            return $count;
        });
    }

    private function back(Actor $by, WorkOrder $order, ChangeOfMany $what, ?string $held): bool
    {
        try {
            return DB::transaction(fn (): bool => $what === ChangeOfMany::Hold
                ? ($this->one)($by, $order, ChangeOfMany::Resume, null)
                : ($this->one)($by, $order, $what, $held));
        } catch (SundialException) {
            return false;
        }
    }
}
