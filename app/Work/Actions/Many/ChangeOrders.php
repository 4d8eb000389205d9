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

/** Changes the same on many orders. What one of them does not allow is left as it is, and named. */
final readonly class ChangeOrders
{
    public const MOST = 500;

    public function __construct(private OneChange $one, private Clock $clock)
    {
    }

    /**
     * @param  list<int>  $ids
     * @param  string|null  $value  a plain value of the fact, or the reason of the move
     * @return array{int, int, array<string, string>} the number of the change, how many orders it changed, and why it
     *     left each other, by their labels
     */
    public function __invoke(Actor $by, int $siteId, array $ids, ChangeOfMany $what, ?string $value): array
    {
        self::check($ids);

        return DB::transaction(function () use ($by, $siteId, $ids, $what, $value): array {
            [$before, $refused] = [[], []];
            // Assets before orders, each by its id: two who change the same orders do not wait for each other.
            $held = DB::table('work_orders')->where('site_id', $siteId)->whereIn('id', $ids)->select('asset_id');
            DB::table('assets')->whereIn('id', $held)->orderBy('id')->lockForUpdate()->pluck('id');
            $orders = WorkOrder::query()
                ->where('site_id', $siteId)
                ->whereIn('id', $ids)
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            foreach ($orders as $order) {
                $old = OneChange::held($order, $what);
                try {
                    if (DB::transaction(fn (): bool => ($this->one)($by, $order, $what, $value))) {
                        $before[$order->id] = $old;
                    }
                } catch (SundialException $refusal) {
                    $refused[$order->label()] = $refusal->getMessage();
                }
            }

            return [$this->keep($by, $siteId, $what, $before), count($before), $refused];
        });
    }

    /** @param  array<int, string|null>  $before */
    private function keep(Actor $by, int $siteId, ChangeOfMany $what, array $before): int
    {
        $after = WorkOrder::query()
            ->whereIn('id', array_keys($before))
            ->get()
            ->mapWithKeys(static fn (WorkOrder $one): array => [$one->id => OneChange::held($one, $what)])
            ->all();

        return DB::table('order_edits')->insertGetId([
            'site_id' => $siteId,
            'user_id' => $by->id,
            'what' => $what->value,
            'before' => json_encode($before, JSON_THROW_ON_ERROR),
            'after' => json_encode($after, JSON_THROW_ON_ERROR),
            'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);
    }

    /** @param  list<int>  $ids */
    private static function check(array $ids): void
    {
        if ($ids === []) {
            throw InvalidInput::because('none', 'form', 'Choose at least one order first.');
        }
        if (count($ids) > self::MOST) {
            throw InvalidInput::because(
                'too_many',
                'form',
                'At most '.self::MOST.' orders are changed at once. Filter further, and do it in parts.',
            );
        }
    }
}
