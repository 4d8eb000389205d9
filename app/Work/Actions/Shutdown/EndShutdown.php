<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Work\Models\Shutdown;
use App\Work\Shutdowns\HeldShutdown;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says that a shutdown is over, once nothing of it is open any more. */
final readonly class EndShutdown
{
    public function __construct(private HeldShutdown $held, private Clock $clock, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Shutdown $shutdown): Shutdown
    {
        return DB::transaction(function () use ($by, $shutdown): Shutdown {
            $shutdown = $this->held->open($shutdown);
            $open = $shutdown->orders()->whereNotNull('open_due_on')->orderBy('number')->get();
            if ($open->isNotEmpty()) {
                $first = $open->firstOrFail()->label();
                $others = $open->count() - 1;
                throw InvalidInput::because(
                    'open_orders',
                    'over',
                    "{$first}".($others > 0 ? " and {$others} more are" : ' is').
                        ' open. Finish them, or take off what is worked later.',
                );
            }
            $shutdown->fill([
                'over_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                'over_who' => $by->name,
                'version' => $shutdown->version + 1,
            ])->save();
            $this->audit->record($by, $shutdown->subject(), "said that {$shutdown->label()} is over");

            return $shutdown;
        });
    }
}
