<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Sundial\Calendar\LocalDate;
use Sundial\Costing\Estimate;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\LineCost;
use Sundial\Costing\PastOrder;
use Sundial\Costing\Rates;
use Sundial\Costing\Recharge;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

/** What work costs and how long it takes, case by case, for the command line. */
final class ComputeCosts
{
    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function cost(array $case): array
    {
        $bookings = array_map(
            static fn (array $booking): array => self::booking($case, $booking),
            $case['bookings'] ?? [],
        );
        $labour = array_sum(array_column($bookings, 'cents'));
        $parts = array_sum(
            array_map(
                static fn (array $line): int => LineCost::of(
                    Decimals::parse((string) $line['qty'], 3, 'qty'),
                    Decimals::parse((string) $line['unit_cost'], 4, 'unit_cost'),
                ),
                $case['parts'] ?? [],
            ),
        );
        $services = array_sum(
            array_map(
                static fn (mixed $amount): int => Decimals::parse((string) $amount, 2, 'services'),
                $case['services'] ?? [],
            ),
        );
        $sum = $labour + $parts + $services;

        return [
            'bookings' => array_map(
                static fn (array $booking): array => array_diff_key($booking, ['cents' => 0]),
                $bookings,
            ),
            'labour' => Money::plain($labour),
            'parts' => Money::plain($parts),
            'services' => Money::plain($services),
            'sum' => Money::plain($sum),
        ] + self::recharge($sum, $case['recharge'] ?? null);
    }

    /**
     * @param  array<string, mixed>  $case
     * @param  array<string, mixed>  $booking
     * @return array<string, mixed>
     */
    private static function booking(array $case, array $booking): array
    {
        $rates = Rates::of(
            self::rates($case['people'] ?? [], 'person', $booking['person'] ?? null),
            self::rates($case['trades'] ?? [], 'trade', $booking['trade'] ?? null),
        );
        $day = LocalDate::parse((string) $booking['date'], 'date');
        $units = $rates->on($day);
        if ($units === null) {
            throw InvalidInput::because('no_rate', 'rate', "No rate is in force on {$day}.");
        }
        $rate = HourlyRate::of($units);
        $minutes = $booking['minutes'];
        $cents = LabourCost::of(
            WorkedMinutes::of(
                (int) $minutes['normal'],
                (int) $minutes['time_and_a_half'],
                (int) $minutes['double'],
            ),
            $rate,
        );

        return [
            'booking' => $booking['booking'],
            'rate' => $rate->plain(),
            'rate_from' => $rates->isOwnOn($day) ? 'person' : 'trade',
            'cost' => Money::plain($cents),
            'cents' => $cents,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $of
     * @return list<array{LocalDate, int}> in ten-thousandths
     */
    private static function rates(array $of, string $key, mixed $name): array
    {
        foreach ($of as $one) {
            if ($name !== null && ($one[$key] ?? null) === $name) {
                return array_map(
                    static fn (array $rate): array => [
                        LocalDate::parse((string) $rate['from'], 'from'),
                        Decimals::parse((string) $rate['rate'], 4, 'rate'),
                    ],
                    $one['rates'],
                );
            }
        }

        return [];
    }

    /** @param  array<string, mixed>|null  $terms
     * @return array<string, mixed> */
    private static function recharge(int $sum, ?array $terms): array
    {
        if ($terms === null) {
            return [];
        }
        $recharge = Recharge::of(
            $sum,
            Decimals::parse((string) $terms['discount'], 2, 'discount'),
            Decimals::parse((string) $terms['tax_percent'], 4, 'tax_percent'),
            $terms['set_total'] === null ? null : Decimals::parse((string) $terms['set_total'], 2, 'set_total'),
        );

        return [
            'recharge' => [
                'net' => Money::plain($recharge->net),
                'tax' => Money::plain($recharge->tax),
                'computed_total' => Money::plain($recharge->computed),
                'total' => Money::plain($recharge->total),
                'set_by_hand' => $recharge->isSetByHand,
            ],
        ];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function estimate(array $case): array
    {
        $order = $case['order'] ?? [];
        $estimate = Estimate::like(
            PastOrder::wanted(
                $order['method'] ?? null,
                $order['level'] ?? null,
                $order['class'] ?? null,
                $order['type'] ?? null,
            ),
            array_map(
                static fn (array $past): PastOrder => PastOrder::of(
                    $past['methods'][0] ?? null,
                    $past['level'],
                    $past['class'],
                    $past['type'],
                    $past['person_minutes'],
                ),
                array_values(array_filter($case['history'] ?? [], self::counts(...))),
            ),
        );

        return $estimate === null
            ? ['used' => 'none', 'n' => 0, 'median_minutes' => null, 'p80_minutes' => null]
            : [
                'used' => $estimate->basis,
                'n' => $estimate->orders,
                'median_minutes' => $estimate->medianTenths / 10,
                'p80_minutes' => $estimate->mostTenths / 10,
            ];
    }

    /** @param  array<string, mixed>  $past */
    private static function counts(array $past): bool
    {
        return $past['state'] === 'closed' &&
            count($past['methods']) <= 1 &&
            $past['assets'] === 1 &&
            $past['person_minutes'] > 0;
    }
}
