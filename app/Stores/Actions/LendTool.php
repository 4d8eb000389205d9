<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Stores\Inputs\LentTo;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolLoan;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Hands a special tool to somebody, until a day. */
final readonly class LendTool
{
    public function __construct(private SiteDays $days, private Audit $audit)
    {
    }

    /** Refuses: out, retired, past. */
    public function __invoke(Actor $by, Tool $tool, LentTo $to): ToolLoan
    {
        return DB::transaction(function () use ($by, $tool, $to): ToolLoan {
            $tool = Versioned::lock($tool, null);
            $today = $this->days->today($tool->site_id);
            $has = ToolLoan::query()->where('tool_id', $tool->id)->whereNull('back_on')->value('to_who');
            $refused = match (true) {
                $tool->retired => ['retired', 'to_id', 'It is no longer used.'],
                $has !== null => ['out', 'to_id', "{$has} has it. Take it back first."],
                $to->backBy !== null && $today->isAfter($to->backBy) => ['past', 'back_by', 'That day is past.'],
                default => null,
            };
            if ($refused !== null) {
                throw InvalidInput::because(...$refused);
            }
            $who = User::query()->findOrFail($to->personId);
            $loan = ToolLoan::query()->create([
                'site_id' => $tool->site_id,
                'tool_id' => $tool->id,
                'to_id' => $who->id,
                'to_who' => $who->name,
                'label' => $to->what,
                'lent_on' => (string) $today,
                'back_by' => $to->backBy === null ? null : (string) $to->backBy,
                'lent_who' => $by->name,
            ]);
            $this->audit->record($by, $tool->subject(), "lent {$tool->name} to {$who->name}", [], $to->what);

            return $loan;
        });
    }
}
