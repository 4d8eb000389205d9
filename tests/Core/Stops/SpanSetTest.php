<?php

declare(strict_types=1);

use Sundial\Stops\LineTime;
use Sundial\Stops\Oee;
use Sundial\Stops\ProductRun;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;

use function Tests\Core\tries;

/** Minutes since the shift began, 06:00. */
function second(int $hour, int $minute): int
{
    return ($hour * 60 + $minute) * 60;
}

it('takes breaks and planned stops out of planned time, and counts lost time only inside it', function () {
    $shift = Span::between(second(6, 0), second(14, 0));
    $time = LineTime::of(
        SpanSet::of(Span::between(second(12, 0), second(12, 30))),
        SpanSet::of(Span::between(second(10, 0), second(11, 0))),
        SpanSet::of(Span::between(second(10, 30), second(11, 30)), Span::between(second(11, 45), second(12, 45))),
    );
    $oee = $time->oee($shift, second(20, 0), ProductRun::of('20', 900, 30));
    expect([$oee->planned / 60, $oee->run / 60])
        ->toBe([390, 330])
        ->and($oee->losses())
        ->toBe(['stops' => 60, 'speed' => 30.0, 'rejects' => 10.0, 'good' => 290.0]);
});

it('never loses a second and never counts one twice, whatever overlaps, and the losses add up', function () {
    mt_srand(20260326);
    $some = static fn (int $many, int $from, int $to): SpanSet => SpanSet::of(...array_map(
        static function () use ($from, $to): Span {
            $start = mt_rand($from - 500, $to);

            return Span::between($start, $start + mt_rand(0, 900));
        },
        $many === 0 ? [] : range(1, $many),
    ));
    for ($i = 0; $i < tries(5000); $i++) {
        $shift = Span::between(0, mt_rand(1, 4000));
        [$a, $b] = [$some(mt_rand(0, 9), 0, $shift->to), $some(mt_rand(0, 9), 0, $shift->to)];
        $flags = ['a' => 0, 'b' => 0, 'both' => 0, 'only' => 0, 'any' => 0];
        for ($s = 0; $s < $shift->to; $s++) {
            [$inA, $inB] = [$a->holds($s), $b->holds($s)];
            $flags['a'] += (int) $inA;
            $flags['b'] += (int) $inB;
            $flags['both'] += (int) ($inA && $inB);
            $flags['only'] += (int) ($inA && ! $inB);
            $flags['any'] += (int) ($inA || $inB);
        }
        expect([
            'a' => $a->within($shift)->seconds(),
            'b' => $b->within($shift)->seconds(),
            'both' => $a->and($b)->within($shift)->seconds(),
            'only' => $a->without($b)->within($shift)->seconds(),
            'any' => $a->with($b)->within($shift)->seconds(),
        ])->toBe($flags);
        $oee = LineTime::of($a, SpanSet::of(), $b)->oee($shift, PHP_INT_MAX >> 1, ProductRun::of('1.5', 700, 20));
        expect($oee->planned)
            ->toBe($shift->to - $flags['a'])
            ->and(round(array_sum($oee->losses()) * 60, 6))
            ->toBe((float) $oee->planned)
            ->and(Oee::sum($oee, $oee)->oee())
            ->toBe($oee->oee());
    }
})->group('property');
