<?php

declare(strict_types=1);

use Sundial\Stops\Oee;
use Sundial\Stops\ProductRun;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\ShiftOutcome;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;

use function Tests\Core\tries;

/** An hour of the night, in seconds. */
function clock(float $hour): int
{
    return (int) ($hour * 3600);
}

it('says by how many minutes each loss differs, had both been planned for as long', function () {
    // Planned 60 min: 10 stood, 50 ran, 40 min worth of pieces, 36 of them good.
    $now = Oee::of(3600, 3000, ProductRun::of('2', 1200, 120));
    // Twice as long: 30 stood, 90 ran, 80 min worth of pieces, all good.
    $before = Oee::of(7200, 5400, ProductRun::of('2', 2400, 0));

    expect($now->losses())
        ->toEqual(['stops' => 10.0, 'speed' => 10.0, 'rejects' => 4.0, 'good' => 36.0])
        ->and($now->against($before))
        ->toEqual(['stops' => -5.0, 'speed' => 5.0, 'rejects' => 4.0, 'good' => -4.0])
        ->and(array_sum($now->against($before)))
        ->toEqual(0.0, 'what one lost more, the others lost less')
        ->and($now->against(Oee::none()))
        ->toBeNull()
        ->and(Oee::none()->against($now))
        ->toBeNull();
});

it('names the ideal time that would explain more pieces than it allows', function () {
    // 1 500 pieces in 3 000 s: 2 s each, where 2.5 were said.
    $fast = Oee::of(3600, 3000, ProductRun::of('2.5', 1500, 0));
    expect($fast->isAboveIdeal())
        ->toBeTrue()
        ->and($fast->performance())
        ->toBe(1.25)
        ->and($fast->idealThatFits('2.5'))
        ->toBe(2.0)
        ->and(Oee::of(3600, 3000, ProductRun::of('2', 1500, 0))->idealThatFits('2'))
        ->toBeNull('just the ideal rate needs no other');
});

it('is what it was when it is kept and read again', function () {
    $one = Oee::of(3600, 3000, ProductRun::of('0.333', 1200, 7));
    $again = Oee::kept($one->planned, $one->run, (string) $one->ideal, (string) $one->good);
    expect($again)->toEqual($one)->and((string) $again->good)->toBe('397.269');
});

it('has no share of nothing', function () {
    $none = Oee::none();
    expect([$none->availability(), $none->performance(), $none->quality(), $none->oee()])
        ->toBe([null, null, null, null]);
});

it('takes time without data out like a break, and says how much of what was wanted is known', function () {
    // 06:00-14:00 with a break at 10; a run of two hours, then nothing is known.
    $facts = ShiftFacts::of(Span::between(clock(6), clock(14)), Span::between(clock(10), clock(10.5)))
        ->made([Span::between(clock(6), clock(8)), ProductRun::of('6', 900, 100)])
        ->stood(SpanSet::of(), SpanSet::of(Span::between(clock(7), clock(7.5))));
    $outcome = ShiftOutcome::of($facts, clock(14));

    expect($outcome->wanted)
        ->toBe(clock(7.5))
        ->and($outcome->oee->planned)
        ->toBe(clock(2))
        ->and($outcome->oee->run)
        ->toBe(clock(1.5))
        ->and($outcome->covered())
        ->toBe(2 / 7.5)
        ->and($outcome->gaps->seconds())
        ->toBe(clock(5.5));
});

it('counts a shift that goes on up to now, and one that is to come not at all', function () {
    $facts = ShiftFacts::of(Span::between(clock(6), clock(14)))
        ->made([Span::between(clock(6), clock(14)), ProductRun::of('6', 0, 0)]);
    expect(ShiftOutcome::of($facts, clock(9))->wanted)
        ->toBe(clock(3))
        ->and(ShiftOutcome::of($facts, clock(5))->wanted)
        ->toBe(0)
        ->and(ShiftOutcome::of($facts, clock(5))->covered())
        ->toBeNull();
});

it('shares a shift out to its runs: time as it lay, short stops by what each ran', function () {
    $facts = ShiftFacts::of(Span::between(clock(6), clock(14)), Span::between(clock(10), clock(10.5)))
        ->made(
            [Span::between(clock(6), clock(9)), ProductRun::of('6', 1000, 0)],
            [Span::between(clock(9), clock(14)), ProductRun::of('6', 2000, 0)],
        )
        ->stood(
            SpanSet::of(Span::between(clock(8), clock(9))),
            SpanSet::of(Span::between(clock(9), clock(9.5)), Span::between(clock(13), clock(13.5))),
        )
        ->short(600);

    // The first: 3 h less 1 planned to stand. The second: 5 h less half an hour of break; of it 3.5 ran.
    expect(ShiftOutcome::ofRun($facts, 0, clock(14)))
        ->toBe([clock(2), clock(2) - intdiv(600 * 4, 11)])
        ->and(ShiftOutcome::ofRun($facts, 1, clock(14)))
        ->toBe([clock(4.5), clock(3.5) - intdiv(600 * 7, 11)])
        ->and(ShiftOutcome::ofRun($facts, 1, clock(9)))
        ->toBe([0, 0], 'it has not begun');
});

it('never shares out more than the shift, however runs and stops lie', function (int $seed) {
    mt_srand($seed);
    $any = static function (): Span {
        $from = mt_rand(clock(6), clock(13.5));

        return Span::between($from, mt_rand($from + 1, clock(14)));
    };
    $cut = mt_rand(clock(7), clock(13));
    $facts = ShiftFacts::of(Span::between(clock(6), clock(14)), $any())
        ->made(
            [Span::between(clock(6), $cut), ProductRun::of('6', 10, 0)],
            [Span::between($cut, clock(14)), ProductRun::of('6', 10, 0)],
        )
        ->stood(SpanSet::of($any()), SpanSet::of($any(), $any()))
        ->short(mt_rand(0, 3000));
    $whole = ShiftOutcome::of($facts, clock(14))->oee;
    [$first, $second] = [ShiftOutcome::ofRun($facts, 0, clock(14)), ShiftOutcome::ofRun($facts, 1, clock(14))];

    // Whole seconds of short stops are rounded down for each run.
    expect($first[0] + $second[0])
        ->toBe($whole->planned)
        ->and($first[1] + $second[1] - $whole->run)
        ->toBeGreaterThanOrEqual(0)
        ->toBeLessThanOrEqual(2);
})->with(range(1, tries(400)));
