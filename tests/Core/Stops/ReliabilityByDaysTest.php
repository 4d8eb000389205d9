<?php

declare(strict_types=1);

use Sundial\Stops\Reliability;
use Sundial\Stops\ReliabilityByDays;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

use function Tests\Core\tries;

const A_DAY = 86_400;

it('comes to what the stops come to one by one, whatever period is asked', function () {
    mt_srand(20261129);
    $kinds = [null, ...StopKind::cases()];
    for ($i = tries(4000); $i > 0; $i--) {
        $now = 12 * A_DAY + mt_rand(0, A_DAY);
        // They follow each other; the last one may go on.
        $stops = [];
        $at = mt_rand(0, A_DAY);
        while ($at < $now) {
            $to = $at + mt_rand(1, mt_rand(0, 9) === 0 ? 3 * A_DAY : 9000);
            $kind = $kinds[array_rand($kinds)];
            $stops[] = [$kind, $at, $to >= $now ? null : $to];
            $at = $to + mt_rand(1, 40_000);
        }
        $from = mt_rand(0, 5 * A_DAY);
        $period = Span::between($from, min($now, $from + mt_rand(3 * A_DAY, 9 * A_DAY)));
        if (! ReliabilityByDays::fits($period)) {
            continue;
        }
        $by = ReliabilityByDays::of($period, $now);
        $sum = Reliability::without($period->seconds());
        $days = [];
        foreach ($stops as [$kind, $begins, $ends]) {
            if ($ends === null) {
                $sum = $sum->withMore($by->goingOn($kind, Span::open($begins, null, $now)));

                continue;
            }
            $stop = Span::between($begins, $ends);
            // As the days keep it: what of it stood in whole days, and that it began in one of them.
            $begun = $by->whole->holds($begins) ? 1 : 0;
            $days[] = $by->ofDays($kind, $begun, $stop->cut($by->whole)->seconds());
            if ($stop->overlaps($period) && ($begins < $by->whole->from || $ends > $by->whole->to)) {
                $sum = $sum->withMore($by->atAnEnd($kind, $stop));
            }
        }
        foreach ($days as $one) {
            $sum = $sum->withMore($one);
        }
        $each = array_map(
            static fn (array $one): StoppedFor => StoppedFor::ofKind($one[0], $one[1], $one[2], $now),
            $stops,
        );
        expect($sum)->toEqual(Reliability::of($period, SpanSet::of($period), $each));
    }
});

it('has whole days from the first midnight to the last, and needs three', function () {
    $period = Span::between(A_DAY - 100, 5 * A_DAY + 7);
    $by = ReliabilityByDays::of($period, 7 * A_DAY);
    expect([$by->whole->from, $by->whole->to])
        ->toBe([A_DAY, 5 * A_DAY])
        // Up to now today is whole too: nothing that is over lies after now.
        ->and(ReliabilityByDays::of($period, $period->to)->whole->to)
        ->toBe(6 * A_DAY)
        ->and(ReliabilityByDays::fits(Span::between(0, 3 * A_DAY)))
        ->toBeTrue()
        ->and(ReliabilityByDays::fits(Span::between(0, 3 * A_DAY - 1)))
        ->toBeFalse();
    // Within one day there is none.
    expect(ReliabilityByDays::of(Span::between(100, 200), 9 * A_DAY)->whole->isEmpty())->toBeTrue();
});
