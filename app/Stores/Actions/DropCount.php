<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stores\Models\StockCount;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Gives up a count that nobody books any more. */
final readonly class DropCount
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: booked. */
    public function __invoke(Actor $by, StockCount $count): void
    {
        DB::transaction(function () use ($by, $count): void {
            $count = StockCount::query()->lockForUpdate()->findOrFail($count->id);
            if (! $count->isOpen()) {
                throw InvalidInput::because('booked', 'form', "{$count->label()} is {$count->state} already.");
            }
            $count->fill(['state' => 'dropped', 'version' => $count->version + 1])->save();
            $this->audit->record($by, $count->subject(), "gave up {$count->label()}");
        });
    }
}
