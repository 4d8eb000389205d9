<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Stores\Models\CountLine;
use App\Stores\Models\Stock;
use App\Stores\Models\StockCount;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Keeps what was counted, beside what the books say at that moment: what moves later is no difference. */
final readonly class NoteCounted
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  array<int, int|null>  $counted  thousandths by line; null: not counted after all
     * @return int how many lines are counted now
     *
     * Refuses: booked, negative_count.
     */
    public function __invoke(Actor $by, StockCount $count, array $counted): int
    {
        return DB::transaction(function () use ($by, $count, $counted): int {
            $count = StockCount::query()->lockForUpdate()->findOrFail($count->id);
            if (! $count->isOpen()) {
                throw InvalidInput::because('booked', 'form', "{$count->label()} is {$count->state} already.");
            }
            foreach ($count->lines()->whereIn('id', array_keys($counted))->orderBy('stock_id')->get() as $line) {
                $this->note($by, $line, $counted[$line->id]);
            }

            return $count->lines()->whereNotNull('counted')->count();
        });
    }

    private function note(Actor $by, CountLine $line, ?int $thousandths): void
    {
        if ($thousandths !== null && $thousandths < 0) {
            throw InvalidInput::because('negative_count', "counted.{$line->id}", 'A count is nothing or more.');
        }
        $same = $thousandths === ($line->counted === null ? null : Quantity::parse($line->counted));
        if ($same) {
            return;
        }
        $books = Stock::query()->lockForUpdate()->findOrFail($line->stock_id)->on_hand;
        $line->fill([
            'counted' => $thousandths === null ? null : Quantity::plain($thousandths),
            'by_books' => $thousandths === null ? null : $books,
            'counted_by' => $thousandths === null ? null : $by->id,
            'counted_who' => $thousandths === null ? null : $by->name,
            'counted_at' => $thousandths === null ? null : $this->clock->now()->format('Y-m-d H:i:s.u'),
        ])->save();
    }
}
