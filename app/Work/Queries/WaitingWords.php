<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\HoldReason;
use Sundial\Work\OrderState;
use Sundial\Work\Stage;

/** The plant's words for what an order waits for: reasons to hold it, and stages inside a state. */
final class WaitingWords
{
    /** @return list<HoldReason> those that are offered */
    public function reasons(): array
    {
        return array_values(DB::table('hold_reasons')
            ->where('retired', false)
            ->orderBy('position')
            ->get()
            ->map(static fn ($row): HoldReason => HoldReason::of((string) $row->name, (int) $row->days))
            ->all());
    }

    /** @throws InvalidInput unknown_reason */
    public function reason(string $name): HoldReason
    {
        $days = DB::table('hold_reasons')->where('name', $name)->value('days');

        return $days === null
            ? throw InvalidInput::because(
                'unknown_reason',
                'hold_reason',
                "“{$name}” is not offered as a reason. Choose one of those that are.",
                $name,
            )
            : HoldReason::of($name, (int) $days);
    }

    /** @return list<Stage> those that are offered, in the order of the states */
    public function stages(): array
    {
        $places = array_flip(array_column(OrderState::cases(), 'value'));

        return array_values(DB::table('order_stages')
            ->where('retired', false)
            ->orderBy('position')
            ->get()
            ->sortBy(static fn ($row): int => $places[(string) $row->state])
            ->map(static fn ($row): Stage => Stage::inside(OrderState::from((string) $row->state), (string) $row->name))
            ->all());
    }

    /** @return list<string> the stages that are offered inside a state */
    public function stagesInside(OrderState $state): array
    {
        return array_values(DB::table('order_stages')
            ->where('state', $state->value)
            ->where('retired', false)
            ->orderBy('position')
            ->pluck('name')
            ->map(static fn (mixed $name): string => (string) $name)
            ->all());
    }
}
