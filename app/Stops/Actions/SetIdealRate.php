<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stops\Models\Line;
use App\Stops\Models\LineRate;
use App\Stops\Models\Product;
use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\ShiftSums;
use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Sets the ideal time of a line for one piece of a product from a day on; what was made since is measured by it. */
final readonly class SetIdealRate
{
    public function __construct(private Audit $audit, private ShiftSums $sums)
    {
    }

    /** Refuses: not_a_number, not_above_zero. */
    public function __invoke(Actor $by, Line $line, int $productId, LocalDate $from, string $seconds): LineRate
    {
        $this->check($seconds);

        return DB::transaction(function () use ($by, $line, $productId, $from, $seconds): LineRate {
            Line::query()->lockForUpdate()->findOrFail($line->id);
            $product = Product::query()->where('site_id', $line->site_id)->findOrFail($productId);
            $rate = LineRate::query()->updateOrCreate(
                ['line_id' => $line->id, 'product_id' => $product->id, 'from_on' => (string) $from],
                ['ideal_seconds' => $seconds],
            );
            $this->follow($line, $product, $rate);
            $this->audit->record(
                $by,
                $line->subject(),
                "set the ideal time of {$line->loadMissing('asset')->asset->name} for {$product->name}",
                ['seconds' => [null, $seconds], 'from' => [null, (string) $from]],
                null,
                [$product->subject()],
            );

            return $rate->setRelation('product', $product);
        });
    }

    private function check(string $seconds): void
    {
        try {
            $isAbove = BigDecimal::of($seconds)->isPositive();
        } catch (MathException) {
            throw InvalidInput::because('not_a_number', 'ideal', "“{$seconds}” is no number.", $seconds);
        }
        if (! $isAbove) {
            throw InvalidInput::because('not_above_zero', 'ideal', 'The ideal time is above 0 seconds.', $seconds);
        }
    }

    private function follow(Line $line, Product $product, LineRate $rate): void
    {
        $next = LineRate::query()
            ->where('line_id', $line->id)
            ->where('product_id', $product->id)
            ->where('from_on', '>', $rate->from_on)
            ->min('from_on');
        $records = ShiftRecord::query()
            ->with('line.parts')
            ->where('line_id', $line->id)
            ->where('day', '>=', $rate->from_on)
            ->when($next !== null, static fn ($some) => $some->where('day', '<', $next))
            ->whereHas('runs', static fn ($runs) => $runs->where('product_id', $product->id));
        foreach ($records->lazyById(200) as $record) {
            ProductRun::query()
                ->where('record_id', $record->id)
                ->where('product_id', $product->id)
                ->update(['ideal_seconds' => $rate->ideal_seconds]);
            $this->sums->keep($record->load('runs'));
        }
    }
}
