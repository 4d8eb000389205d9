<?php

declare(strict_types=1);

namespace Sundial\Ops;

use DateTimeZone;
use Sundial\Calendar\LocalDate;
use Sundial\Life\RateRatio;
use Sundial\Stops\LineTime;
use Sundial\Stops\Oee;
use Sundial\Stops\ProductRun;
use Sundial\Stops\Reliability;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StoppedFor;

/** Stops, effectiveness and reliability, case by case, for the command line. */
final class ComputeStops
{
    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function intervals(array $case): array
    {
        $now = (int) $case['now'];
        $all = isset($case['window'])
            ? Span::between((int) $case['window']['start'], (int) $case['window']['end'])
            : Span::between(PHP_INT_MIN >> 1, PHP_INT_MAX >> 1);
        $spans = array_map(static fn (array $one): Span => self::lenient($one, $now)->cut($all), $case['intervals']);
        $union = SpanSet::of(...$spans);
        $shifts = array_map(static fn (array $one): Span => self::lenient($one, $now), $case['shifts'] ?? []);

        return [
            'union_seconds' => $union->seconds(),
            'merged' => array_map(
                static fn (Span $one): array => ['start' => $one->from, 'end' => $one->to],
                $union->spans(),
            ),
            'sum_seconds_not_merged' => array_sum(array_map(static fn (Span $one): int => $one->seconds(), $spans)),
            'per_shift_seconds' => array_map(
                static fn (Span $shift): int => $union->within($shift)->seconds(),
                $shifts,
            ),
            'outside_shifts_seconds' => $union->without(SpanSet::of(...$shifts))->seconds(),
            'per_interval' => array_map(static fn (Span $one): array => [
                'seconds' => $one->seconds(),
                'per_shift_seconds' => array_map(
                    static fn (Span $shift): int => $one->cut($shift)->seconds(),
                    $shifts,
                ),
            ], $spans),
        ];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function oee(array $case): array
    {
        $now = (int) $case['now'];
        $lines = [];
        $sums = [];
        foreach ($case['lines'] as $line) {
            $shifts = array_map(
                static fn (array $one): Span => Span::between((int) $one['start'], (int) $one['end']),
                $line['shifts'],
            );
            LineTime::checkShifts(...$shifts);
            $time = LineTime::of(
                self::set($line['breaks'] ?? [], $now),
                self::set($line['planned_stops'] ?? [], $now),
                self::set($line['unplanned_stops'] ?? [], $now)->with(self::set($line['changeovers'] ?? [], $now)),
            );
            $figures = [];
            foreach ($shifts as $i => $shift) {
                $figures[] = $time->oee($shift, $now, ...array_map(
                    static fn (array $one): ProductRun => ProductRun::of(
                        (string) $one['ideal_seconds_per_piece'],
                        (int) $one['total'],
                        (int) $one['rejects'],
                    ),
                    $line['shifts'][$i]['products'] ?? [],
                ));
            }
            $sums[] = Oee::sum(...$figures);
            $lines[] = [
                'line' => $line['line'],
                'shifts' => array_map(self::figures(...), $figures),
                'sum' => self::figures(Oee::sum(...$figures)),
            ];
        }

        return ['lines' => $lines, 'sum' => self::figures(Oee::sum(...$sums))];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function reliability(array $case): array
    {
        $now = (int) $case['now'];
        $zone = new DateTimeZone((string) $case['zone']);
        $start = (int) $case['period']['start'];
        Span::between($start, (int) $case['period']['end']);
        $assets = [];
        $all = [];
        foreach ($case['assets'] as $asset) {
            $from = isset($asset['in_service_from'])
                ? max($start, RequiredTime::midnight(LocalDate::parse((string) $asset['in_service_from']), $zone))
                : $start;
            $period = Span::between($from, max($from, min((int) $case['period']['end'], $now)));
            $all[] = Reliability::of(
                $period,
                self::required($asset['required'], $zone)->within($period),
                self::stops($asset['stops'], $now),
                self::failedAt($asset['orders'] ?? []),
            );
            $assets[] = ['asset' => $asset['asset']] + self::reliable($all[count($all) - 1]);
        }

        return ['assets' => $assets, 'group' => self::reliable(Reliability::sum(...$all))];
    }

    /** @param  array<string, mixed>  $case
     * @return array<string, mixed> */
    public static function rateRatio(array $case): array
    {
        $ratio = RateRatio::of(
            (int) $case['before']['count'],
            (float) $case['before']['exposure'],
            (int) $case['after']['count'],
            (float) $case['after']['exposure'],
        );

        return [
            'rate_before' => $ratio->rateBefore(),
            'rate_after' => $ratio->rateAfter(),
            'ratio' => $ratio->ratio(),
            'ratio_lower' => $ratio->lower(),
            'ratio_upper' => $ratio->upper(),
            'p_two_sided' => $ratio->p(),
        ];
    }

    /** @param  array<string, mixed>  $one */
    private static function lenient(array $one, int $now): Span
    {
        $from = (int) $one['start'];

        return Span::between($from, max($from, (int) ($one['end'] ?? $now)));
    }

    /** @param  list<array<string, mixed>>  $some */
    private static function set(array $some, int $now): SpanSet
    {
        $spans = array_map(static fn (array $one): Span => Span::open(
            (int) $one['start'],
            isset($one['end']) ? (int) $one['end'] : null,
            $now,
        ), array_filter($some, static fn (array $one): bool => ($one['counts_for_line'] ?? true) === true));

        return SpanSet::of(...array_values($spans));
    }

    /** @return array<string, mixed> */
    private static function figures(Oee $oee): array
    {
        return [
            'planned_seconds' => $oee->planned,
            'run_seconds' => $oee->run,
            'ideal_seconds' => (string) $oee->ideal->stripTrailingZeros(),
            'good_ideal_seconds' => (string) $oee->good->stripTrailingZeros(),
            'loss_minutes' => $oee->losses(),
            'availability' => $oee->availability(),
            'performance' => $oee->performance(),
            'quality' => $oee->quality(),
            'oee' => $oee->oee(),
            'performance_over_100' => $oee->isAboveIdeal(),
        ];
    }

    /** @param  array<string, mixed>  $said */
    private static function required(array $said, DateTimeZone $zone): RequiredTime
    {
        return $said['kind'] === 'weekly'
            ? RequiredTime::weekly(
                $zone,
                array_map(
                    static fn (array $one): array => [(int) $one['day'], (string) $one['from'], (string) $one['to']],
                    $said['windows'],
                ),
                $said['closed_dates'] ?? [],
            )
            : RequiredTime::roundTheClock();
    }

    /**
     * @param  list<array<string, mixed>>  $some
     * @return list<StoppedFor>
     */
    private static function stops(array $some, int $now): array
    {
        $stops = [];
        foreach ($some as $one) {
            $to = isset($one['end']) ? (int) $one['end'] : null;
            if ($to === null && (int) $one['start'] >= $now) {
                continue;
            }
            $stops[] = $one['failure']
                ? StoppedFor::failure((int) $one['start'], $to, $now)
                : StoppedFor::other((int) $one['start'], $to, $now);
        }

        return $stops;
    }

    /**
     * @param  list<array<string, mixed>>  $orders
     * @return list<int> when something failed of which no stop is known
     */
    private static function failedAt(array $orders): array
    {
        $at = [];
        foreach ($orders as $one) {
            if ($one['unplanned'] && $one['failure_record'] && ! $one['stop'] &&
                in_array($one['state'], ['done', 'closed'], true)) {
                $at[] = (int) $one['failed_at'];
            }
        }

        return $at;
    }

    /** @return array<string, mixed> */
    private static function reliable(Reliability $of): array
    {
        return [
            'required_seconds' => $of->required,
            'down_seconds' => $of->down,
            'operating_seconds' => $of->operating(),
            'failures' => $of->failures,
            'finished_failures' => $of->finished,
            'repair_seconds' => $of->repair,
            'mtbf_seconds' => $of->mtbf(),
            'mttr_seconds' => $of->mttr(),
            'availability' => $of->availability(),
            'inherent_availability' => $of->inherent(),
            'mtbf_lower_60_seconds' => $of->mtbfAbove(),
        ];
    }
}
