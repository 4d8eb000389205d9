<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\Rate;
use App\People\Models\User;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\Rates;

/** The rates that apply to a person: their own, and those of their trade. */
final class RatesOf
{
    /** @return Rates<HourlyRate> */
    public function __invoke(User $person): Rates
    {
        $pairs = static fn (string $column, ?int $id): array => $id === null
            ? []
            : Rate::query()
                ->where($column, $id)
                ->get()
                ->map(static fn (Rate $rate): array => [LocalDate::parse($rate->from_day), $rate->hourly()])
                ->values()
                ->all();

        return Rates::of(
            array_values($pairs('user_id', $person->id)),
            array_values($pairs('trade_id', $person->trade_id)),
        );
    }
}
