<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Stores\Inputs\Counted;
use App\Stores\Models\CountLine;
use App\Stores\Models\StockCount;
use App\Stores\Queries\StoreRulesOf;
use App\Stores\Stock\StockHold;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Books the differences of a count: all that was counted, as the shelf said it; what was not counted stays. */
final readonly class BookCount
{
    public function __construct(
        private CountStock $count,
        private StoreRulesOf $rules,
        private SiteDays $days,
        private Audit $audit,
    ) {
    }

    /**
     * @return int how many lines differed
     *
     * Refuses: booked, nothing, separated; and as counting one.
     */
    public function __invoke(Actor $by, StockCount $sheet, ?string $reason, ?Actor $second): int
    {
        return DB::transaction(function () use ($by, $sheet, $reason, $second): int {
            $sheet = StockCount::query()->lockForUpdate()->findOrFail($sheet->id);
            $lines = $sheet->lines()->with('stock.part')->whereNotNull('counted')->orderBy('stock_id')->get();
            match (true) {
                ! $sheet->isOpen() => throw InvalidInput::because(
                    'booked',
                    'form',
                    "{$sheet->label()} is {$sheet->state} already.",
                ),
                $lines->isEmpty() => throw InvalidInput::because('nothing', 'form', 'Nothing was counted yet.'),
                default => null,
            };
            $rules = $this->rules->ofSite($sheet->site_id);
            StockHold::withAll($lines->pluck('stock_id'));
            $differed = 0;
            foreach ($lines as $line) {
                $rules->checkTwo($line->counted_by, $by->id, 'form', 'Somebody else books what you counted.');
                $differed += $this->book($by, $sheet, $line, $reason, $second);
            }
            $sheet->fill([
                'state' => 'booked',
                'booked_on' => (string) $this->days->today($sheet->site_id),
                'booked_who' => $by->name,
                'version' => $sheet->version + 1,
            ])->save();
            $this->audit->record($by, $sheet->subject(), "booked {$sheet->label()}, {$differed} differed", [], $reason);

            return $differed;
        });
    }

    private function book(Actor $by, StockCount $sheet, CountLine $line, ?string $reason, ?Actor $second): int
    {
        try {
            $move = ($this->count)(
                $by,
                $line->stock_id,
                Counted::now(Quantity::parse((string) $line->counted))
                    ->whenBooksSaid(Quantity::parse((string) $line->by_books))
                    ->worth($line->stock->part->priceIn($this->days->site($sheet->site_id)->currency))
                    ->because($reason, $second)
                    ->onSheet($sheet->subject(), "{$sheet->label()} {$sheet->about}"),
            );
        } catch (InvalidInput $e) {
            throw InvalidInput::because($e->cause(), $e->field(), "{$line->stock->part->name}: {$e->getMessage()}");
        }
        $line->move_id = $move?->id;
        $line->save();

        return $move === null ? 0 : 1;
    }
}
