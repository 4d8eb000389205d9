<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolLoan;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Takes a special tool back from whoever has it. */
final readonly class TakeToolBack
{
    public function __construct(private SiteDays $days, private Audit $audit)
    {
    }

    /** Refuses: not_out. */
    public function __invoke(Actor $by, Tool $tool, ?string $note): ToolLoan
    {
        return DB::transaction(function () use ($by, $tool, $note): ToolLoan {
            $tool = Versioned::lock($tool, null);
            $loan = ToolLoan::query()->where('tool_id', $tool->id)->whereNull('back_on')->first();
            if ($loan === null) {
                throw InvalidInput::because('not_out', 'back_note', 'Nobody has it.');
            }
            $loan->fill([
                'back_on' => (string) $this->days->today($tool->site_id),
                'back_who' => $by->name,
                'note' => $note,
            ])->save();
            $this->audit->record($by, $tool->subject(), "took {$tool->name} back from {$loan->to_who}", [], $note);

            return $loan;
        });
    }
}
