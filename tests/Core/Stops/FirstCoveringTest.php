<?php

declare(strict_types=1);

use Sundial\Stops\FirstCovering;
use Sundial\Stops\Span;

use function Tests\Core\tries;

/** @param  list<array{Span, int}>  $shown
 * @return list<array{int, int, int}> */
function shownAs(array $shown): array
{
    return array_map(static fn (array $one): array => [$one[0]->from, $one[0]->to, $one[1]], $shown);
}

it('shows the first one where they overlap, and what is left of the others', function () {
    $spans = [Span::between(20, 30), Span::between(0, 50), Span::between(45, 90)];
    expect(shownAs(FirstCovering::of(Span::between(10, 80), $spans)))->toBe([
        [10, 20, 1],
        [20, 30, 0],
        [30, 50, 1],
        [50, 80, 2],
    ]);
});

it('shows nothing of what lies outside, and nothing where nothing stood', function () {
    $spans = [Span::between(0, 5), Span::between(12, 12), Span::between(14, 15), Span::between(30, 40)];
    expect(shownAs(FirstCovering::of(Span::between(10, 20), $spans)))
        ->toBe([[14, 15, 2]])
        ->and(FirstCovering::of(Span::between(10, 20), []))
        ->toBe([]);
});

it('shows at each second what a look at each second finds', function () {
    mt_srand(20261128);
    for ($i = tries(3000); $i > 0; $i--) {
        $spans = [];
        for ($n = mt_rand(0, 12); $n > 0; $n--) {
            $from = mt_rand(0, 60);
            $spans[] = Span::between($from, $from + mt_rand(0, 25));
        }
        $within = Span::between(10, mt_rand(10, 70));
        $wanted = [];
        for ($second = $within->from; $second < $within->to; $second++) {
            foreach ($spans as $place => $span) {
                if ($span->holds($second)) {
                    $wanted[$second] = $place;
                    break;
                }
            }
        }
        $found = [];
        $last = null;
        foreach (FirstCovering::of($within, $spans) as [$span, $place]) {
            for ($second = $span->from; $second < $span->to; $second++) {
                $found[$second] = $place;
            }
            // As long as it can be: two of one span never touch.
            expect($last !== null && $last[0]->to === $span->from && $last[1] === $place)->toBeFalse();
            $last = [$span, $place];
        }
        expect($found)->toBe($wanted);
    }
});
