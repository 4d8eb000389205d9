<?php

declare(strict_types=1);

use Sundial\Life\BetaFunction;
use Sundial\Life\GammaFunction;
use Sundial\Life\RateRatio;
use Sundial\Life\Renewal;
use Sundial\Life\Verdict;
use Sundial\Life\Weibull;
use Sundial\Support\InvalidInput;

it('has the gamma function where it is known', function (float $x, float $is) {
    expect(GammaFunction::at($x))->toEqualWithDelta($is, 1e-12 * max(1, $is));
})->with([
    'of whole numbers: factorials' => [5, 24],
    'of one' => [1, 1],
    'of two' => [2, 1],
    'of eleven' => [11, 3_628_800],
    'of a half: the root of pi' => [0.5, 1.772453850905516],
    'of one and a half' => [1.5, 0.886226925452758],
    // DLMF 5.4 and its reflection 5.5.3.
    'of a quarter' => [0.25, 3.625609908221908],
    'of a tenth' => [0.1, 9.513507698668732],
]);

it('has the share of a beta function where it is known', function (float $x, float $a, float $b, float $is) {
    expect(BetaFunction::share($x, $a, $b))
        ->toEqualWithDelta($is, 1e-13)
        ->and(BetaFunction::share(1 - $x, $b, $a))
        ->toEqualWithDelta(1 - $is, 1e-13);
})->with([
    'of one and b: 1 - (1 - x)^b' => [0.3, 1, 4, 1 - 0.7 ** 4],
    'of a and one: x^a' => [0.3, 4, 1, 0.3 ** 4],
    'of ones: x' => [0.37, 1, 1, 0.37],
    'in the middle of alike ones' => [0.5, 7.5, 7.5, 0.5],
    // The binomial sum (DLMF 8.17.5): at least 2 of 4 at 0.3.
    'of whole numbers' => [0.3, 2, 3, 1 - 0.7 ** 4 - 4 * 0.3 * 0.7 ** 3],
    'of halves: the arc sine' => [0.2, 0.5, 0.5, 2 / M_PI * asin(sqrt(0.2))],
    'of many' => [0.5, 200, 200, 0.5],
    'at the beginning' => [0, 2, 3, 0],
    'before it' => [-0.5, 2, 3, 0],
    'behind the end' => [1.5, 2, 3, 1],
]);

it('finds the place of a share again, however small', function (float $share, float $a, float $b) {
    $x = BetaFunction::quantile($share, $a, $b);
    expect($x)
        ->toBeGreaterThan(0.0)
        ->toBeLessThan(1.0)
        ->and(BetaFunction::share($x, $a, $b))
        ->toEqualWithDelta($share, 1e-12);
})->with([[0.05, 3, 1], [0.95, 1, 3], [1e-9, 2, 2], [0.5, 30, 70], [0.05, 0.5, 12]]);

it('lives as a life with two parameters does', function (float $beta, float $eta) {
    $life = Weibull::of($beta, $eta);
    // R and the mean by the middle of many thin slices.
    [$until, $mean] = [0.0, 0.0];
    $step = $eta / 20_000;
    for ($i = 0; $i < 400_000; $i++) {
        $at = exp(-((($i + 0.5) * $step / $eta) ** $beta)) * $step;
        $mean += $at;
        $until += ($i + 1) * $step <= 1.5 * $eta + 1e-9 ? $at : 0.0;
    }
    expect($life->running($eta))
        ->toEqualWithDelta(exp(-1), 1e-12)
        ->and($life->failed($eta))
        ->toEqualWithDelta(1 - exp(-1), 1e-12)
        ->and($life->hazard(2 * $eta))
        ->toEqualWithDelta(2 ** $beta, 1e-9)
        ->and([$life->hazard(0), $life->hazard(-1), $life->failed(0)])
        ->toEqual([0.0, 0.0, 0.0])
        ->and($life->mean())
        ->toEqualWithDelta($mean, 1e-4 * $eta)
        ->and($life->runningUntil(1.5 * $eta))
        ->toEqualWithDelta($until, 1e-4 * $eta)
        ->and($life->runningUntil(1000 * $eta))
        ->toEqualWithDelta($life->mean(), 1e-9 * $eta)
        ->and($life->runningUntil(0))
        ->toEqual(0.0);
})->with([[1.0, 100], [2.0, 100], [3.5, 8000], [0.8, 50]]);

it('refuses a life that is none', function (float $beta, float $eta) {
    Weibull::of($beta, $eta);
})->with([[0, 1], [1, 0], [-1, 1], [1, -1], [INF, 1], [1, INF], [NAN, 1]])->throws(InvalidInput::class);

it('fails at any age alike where nothing ages: so often as the span holds mean lives', function (
    float $span,
    ?float $replacedAt,
    float $age,
) {
    expect(Renewal::within($span, Weibull::of(1, 100), $replacedAt)->ofAge($age))
        ->toEqualWithDelta($span / 100, 1e-3 * $span / 100);
})->with([
    'run until it fails' => [50, null, 0],
    'several lives' => [730, null, 0],
    'of any age' => [250, null, 400],
    'replaced as planned within the span' => [250, 60, 0],
    'replaced, of an age' => [250, 60, 35],
    'replaced after the span' => [40, 90, 10],
    'past the age at which it is replaced' => [120, 60, 70],
]);

it('fails as often as units do that are followed one by one', function (
    float $span,
    float $beta,
    ?float $replacedAt,
    float $age,
) {
    mt_srand(7);
    $dice = static fn (): float => 1 - mt_rand() / (mt_getrandmax() + 1);
    $life = static fn (): float => 100 * (-log($dice())) ** (1 / $beta);
    $units = 8000;
    $failures = 0;
    for ($i = 0; $i < $units; $i++) {
        // One that has come to its age already.
        $left = 100 * (($age / 100) ** $beta - log($dice())) ** (1 / $beta) - $age;
        [$at, $old] = [0.0, $age];
        while (true) {
            $planned = $replacedAt === null ? INF : max(0.0, $replacedAt - $old);
            $at += min($left, $planned);
            if ($at > $span) {
                break;
            }
            $failures += $left <= $planned ? 1 : 0;
            [$left, $old] = [$life(), 0.0];
        }
    }
    expect(Renewal::within($span, Weibull::of($beta, 100), $replacedAt)->ofAge($age))
        ->toEqualWithDelta($failures / $units, 4 * sqrt(max($failures, 1)) / $units + 0.002);
})->with([
    'new, wearing out' => [150, 2.5, null, 0],
    'old, wearing out' => [150, 2.5, null, 90],
    'new, replaced as planned' => [150, 2.5, 60, 0],
    'old, replaced as planned' => [150, 2.5, 60, 45],
    'failing young' => [150, 0.7, null, 20],
    'replaced once, near the end' => [150, 3.0, 140, 0],
]);

it('compares rates over the time of each, and says nothing of what did not happen', function () {
    $rates = RateRatio::of(6, 300, 3, 600);
    expect([$rates->rateBefore(), $rates->rateAfter(), $rates->ratio()])
        ->toEqual([0.02, 0.005, 0.25])
        ->and([RateRatio::of(0, 10, 5, 10)->ratio(), RateRatio::of(0, 10, 5, 10)->upper()])
        ->toBe([null, null])
        ->and(RateRatio::of(5, 10, 0, 10)->lower())
        ->toEqual(0.0)
        ->and(static fn () => RateRatio::of(0, 10, 0, 10))
        ->toThrow(InvalidInput::class);
});

it('knows the limits of what happened on one side alone', function () {
    // Five after and none before, in equal times: 0.05 is the chance of a half to the fifth and less.
    $lower = RateRatio::of(0, 10, 5, 10)->lower();
    $share = 0.05 ** (1 / 5);
    expect($lower)
        ->toEqualWithDelta($share / (1 - $share), 1e-9)
        ->and(RateRatio::of(5, 10, 0, 10)->upper())
        ->toEqualWithDelta((1 - $share) / $share, 1e-9)
        ->and(RateRatio::of(5, 10, 0, 10)->p())
        ->toEqualWithDelta(2 / 32, 1e-12)
        ->and(RateRatio::of(3, 10, 3, 10)->p())
        ->toEqualWithDelta(1.0, 1e-12)
        ->and(RateRatio::of(5, 10, 0, 10)->verdict())
        ->toBe(Verdict::Rarer)
        ->and(RateRatio::of(4, 10, 0, 10)->verdict())
        ->toBe(Verdict::TooFew);
});
