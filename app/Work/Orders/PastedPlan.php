<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\People\Models\Trade;
use App\Stores\Models\Part;
use App\Work\Inputs\PlanLine;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\LineKind;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Plan\PlanText;
use Sundial\Work\Plan\TypedLine;

/** Looks up what pasted lines of a plan name: trades and parts. */
final readonly class PastedPlan
{
    /**
     * @return list<PlanLine>
     *
     * @throws InvalidInput no_part, naming the number
     */
    public function __invoke(string $text, string $currency): array
    {
        $trades = Trade::query()->pluck('id', 'name')->all();
        $typed = PlanText::read($text, array_values(array_map(strval(...), array_keys($trades))));
        $parts = Part::query()
            ->whereIn('number', array_map(static fn (TypedLine $line): string => $line->words, $typed))
            ->get()
            ->keyBy('number');

        return array_map(
            static fn (TypedLine $line): PlanLine => match ($line->kind) {
                LineKind::Labour => PlanLine::labour((int) $trades[$line->words], $line->count, $line->minutes),
                LineKind::Part => PlanLine::part(
                    $parts->get($line->words) ?? throw InvalidInput::because(
                        'no_part',
                        'lines',
                        "The catalogue has no part {$line->words}. Add it under Stores, or correct the line.",
                    ),
                    $line->thousandths,
                    PartSource::FromStore,
                    $currency,
                ),
                default => PlanLine::step($line->words, $line->minutes),
            },
            $typed,
        );
    }
}
