<?php

declare(strict_types=1);

use Sundial\Life\BetaFunction;
use Sundial\Life\RateRatio;
use Sundial\Life\Verdict;
use Sundial\Support\InvalidInput;

it('claims no more than the events allow', function (int $before, float $b, int $after, float $a, Verdict $says) {
    expect(RateRatio::of($before, $b, $after, $a)->verdict())->toBe($says);
})->with([
    'four in all say nothing, however they fall' => [4, 1000, 0, 1000, Verdict::TooFew],
    'twelve before, three after' => [12, 1000, 3, 1000, Verdict::Rarer],
    'the same count in a tenth of the time' => [10, 1000, 10, 100, Verdict::Oftener],
    'a little less' => [10, 1000, 8, 1000, Verdict::Unclear],
    'none before, many after' => [0, 1000, 9, 1000, Verdict::Oftener],
]);

it('needs operating time on both sides', function (float $before, float $after) {
    RateRatio::of(3, $before, 3, $after);
})->with([[0.0, 10.0], [10.0, 0.0]])->throws(InvalidInput::class);

it('inverts the incomplete beta function, at its ends too', function () {
    foreach ([[0.5, 2.0, 3.0], [0.05, 1.0, 10.0], [0.95, 40.0, 0.5]] as [$share, $a, $b]) {
        expect(abs(BetaFunction::share(BetaFunction::quantile($share, $a, $b), $a, $b) - $share))->toBeLessThan(1e-12);
    }
    expect([BetaFunction::share(0.0, 2, 3), BetaFunction::share(1.0, 2, 3)])->toBe([0.0, 1.0]);
});
