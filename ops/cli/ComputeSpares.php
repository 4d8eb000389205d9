<?php

declare(strict_types=1);

namespace Sundial\Ops;

use Sundial\Life\Weibull;
use Sundial\Stock\Exposure;
use Sundial\Stock\FailureDemand;
use Sundial\Stock\FailurePolicy;
use Sundial\Stock\Maintained;
use Sundial\Stock\PoissonDemand;
use Sundial\Stock\Spares;
use Sundial\Support\Quantity;

/** How many to hold, case by case, for the command line. */
final class ComputeSpares
{
    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function poisson(array $case): array
    {
        $demand = PoissonDemand::of((float) $case['mean']);
        $s = $demand->needed((float) $case['target']);

        return [
            's' => $s,
            'cdf_at_s' => $demand->atMost($s),
            'cdf_at_s_minus_1' => $demand->atMost($s - 1),
            'cdf_0_to_20' => array_map($demand->atMost(...), range(0, 20)),
        ];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function spares(array $case): array
    {
        $unit = Maintained::by(
            FailurePolicy::from((string) $case['policy']),
            Weibull::of((float) $case['failure']['beta'], (float) $case['failure']['eta']),
            isset($case['interval']) ? (float) $case['interval'] : null,
        );
        $exposure = self::exposure($case['exposure']);
        $failures = isset($case['ages'])
            ? FailureDemand::ofAges($unit, array_map(floatval(...), $case['ages']), $exposure)
            : FailureDemand::ofUnits($unit, (float) $case['units'], $exposure);
        $spares = Spares::against($failures, (float) $case['service_level']);
        $planned = Quantity::plain(Spares::planned(
            array_map(static fn (array $one): array => [
                (float) $one['at'],
                Quantity::parse((string) $one['qty']),
            ], $case['visits'] ?? []),
            $exposure,
        ));

        return [
            'exposure' => $exposure->length,
            'rate_per_unit' => $failures->rate,
            ...($failures->perUnit === null ? [] : ['per_unit' => $failures->perUnit]),
            'mean' => $spares->mean,
            's' => $spares->s,
            'reorder_point_one_for_one' => $spares->pointOneForOne(),
            'p_no_stockout' => $spares->noStockOut($spares->s),
            'met_at_once' => $spares->metAtOnce($spares->s),
            'expected_shortage' => $spares->shortage($spares->s),
            'planned_demand' => str_contains($planned, '.') ? rtrim(rtrim($planned, '0'), '.') : $planned,
            'table' => array_map(static fn (int $s): array => [
                's' => $s,
                'p_no_stockout' => $spares->noStockOut($s),
                'met_at_once' => $spares->metAtOnce($s),
                'expected_shortage' => $spares->shortage($s),
            ], $spares->rows()),
            ...(isset($case['order_quantity'])
                ? ['highest_position' => $spares->s + (int) $case['order_quantity']]
                : []),
        ];
    }

    /** @param  array<string, mixed>  $said */
    private static function exposure(array $said): Exposure
    {
        return match ($said['kind']) {
            'resupply' => Exposure::resupply((float) $said['lead_time'], (float) $said['review']),
            'horizon' => Exposure::horizon((float) $said['length']),
            default => Exposure::interval((float) $said['length']),
        };
    }
}
