<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Platform\Access\Rights;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Address;
use App\Platform\Sites\CurrentSite;
use App\Stops\Models\Line;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\OeeOf;
use App\Stops\Queries\OeeSlice;
use App\Stops\Queries\OeeSum;
use App\Stops\Queries\StopReasons;
use App\Stops\Queries\StopsAddedUp;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use App\Stops\Wording\OeeWording;
use stdClass;
use Sundial\Access\Right;
use Sundial\Stops\Pareto;

/** The start page of Stops: what is down, what stood without a reason, and what cost most minutes, beside before. */
final readonly class StopsStart
{
    private const BARS = 12;

    private const WIDTH = 200;

    private const WITHOUT = 12;

    private const WITHOUT_DAYS = 30;

    public function __construct(
        private CurrentSite $site,
        private Clock $clock,
        private StopsInPeriod $stops,
        private StopsAddedUp $added,
        private OeeOf $oee,
        private LinesOf $all,
        private OeeWording $words,
        private StopReasons $reasons,
    ) {
    }

    /** @return array<string, mixed> how the lines do today, and what is down */
    public function __invoke(int $days): array
    {
        return [
            'down' => $this->stops->down($this->site->id()),
            'lines' => $this->today(),
            'said' => $this->words,
            'mayReport' => Rights::has(Right::ReportStops),
            'days' => $days,
        ];
    }

    /** @return array<string, mixed> what cost most in a period, and what stood without a reason */
    public function rest(string $by, string $measure, int $days): array
    {
        $now = $this->clock->now();
        $slice = StopSlice::lately($this->site->id(), $now, $days);
        // What was planned to stand is no loss; it is one of the kinds.
        $lost = static fn (StopSlice $some): StopSlice => $by === 'kind' ? $some : $some->lost();
        $rows = $this->added->by($lost($slice), $by);
        $before = $this->added->by($lost($slice->before()), $by)->keyBy('key');
        $size = static fn (?stdClass $one): int => $one === null
            ? 0
            : match ($measure) {
                'count' => (int) $one->stops,
                'cost' => intdiv((int) $one->cents, 100),
                default => intdiv((int) $one->seconds, 60),
            };
        $pareto = Pareto::of($rows->mapWithKeys(static fn (stdClass $one): array => [
            (string) $one->key => $size($one),
        ])->all(), self::BARS);
        $ordered = $by === 'reason' && Rights::has(Right::PlanOrders);
        $worst = $ordered ? $this->stops->worst($slice) : collect();
        $most = max(1, $pareto->bars[0]['size'] ?? 1);

        return [
            'without' => $this->stops->each(
                StopSlice::lately($this->site->id(), $now, self::WITHOUT_DAYS)->withoutReason(),
                self::WITHOUT,
            )->collect(),
            'reasons' => $this->reasons->all()->where('retired', false)->pluck('name'),
            'mayReport' => Rights::has(Right::ReportStops),
            'bars' => array_map(fn (array $bar): array => $bar + [
                'width' => round(self::WIDTH * $bar['size'] / $most, 1),
                'stops' => (int) ($rows->firstWhere('key', $bar['key'])->stops ?? 0),
                'before' => $size($before->get($bar['key'])),
                'order' => $this->order($worst->get($bar['key']), (string) $bar['key'], $days),
            ], $pareto->bars),
            'rest' => $pareto->rest,
            'total' => $pareto->total,
            'by' => $by,
            'ordered' => $ordered,
            'bys' => array_keys(StopsInPeriod::BY),
            'measures' => Rights::has(Right::SeeCosts) ? ['minutes', 'count', 'cost'] : ['minutes', 'count'],
            'measure' => $measure,
            'days' => $days,
            'address' => Address::of('/stops', ['by' => $by, 'measure' => $measure, 'days' => $days]),
        ];
    }

    /** The form of an order against a reason, on the machine that stood for it longest, with what was found. */
    private function order(?stdClass $worst, string $reason, int $days): string
    {
        $minutes = intdiv((int) ($worst->seconds ?? 0), 60);

        return (string) Address::of('/orders/new', [
            'asset' => $worst->tag ?? null,
            'title' => $worst === null ? $reason : "{$worst->name}: {$reason}",
            'about' => $worst === null
                ? null
                : "In {$days} days it stood {$worst->stops} times for this reason, {$minutes} min in all.",
        ]);
    }

    /** @return list<array{id: int, name: string, sum: OeeSum|null}> each line with what it came to today */
    private function today(): array
    {
        $today = $this->site->today();
        $sums = $this->oee->addedUp(OeeSlice::of($this->site->id(), $today, $today), 'line')->keyBy('key');

        return array_values($this->all->all($this->site->id())->map(static fn (Line $line): array => [
            'id' => $line->id,
            'name' => $line->asset->name,
            'sum' => $sums->get($line->asset->name),
        ])->all());
    }
}
