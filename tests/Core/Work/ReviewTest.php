<?php

declare(strict_types=1);

use Sundial\Work\Review\Review;
use Sundial\Work\Review\ReviewFacts;
use Sundial\Work\Review\ReviewFinding;
use Sundial\Work\WorkKind;

function review(ReviewFacts $facts): array
{
    return array_map(static fn (ReviewFinding $one): string => $one->name, Review::of($facts)->findings);
}

it('finds nothing where work was done as planned', function () {
    $facts = ReviewFacts::of(WorkKind::Planned)->hours(120, 130)->steps(0, 0)->lines(0, 0)->late(0);
    expect(Review::of($facts)->isClean())->toBeTrue()->and(Review::of($facts)->canBeClosed())->toBeTrue();
});

it('lets hours stand out beyond a fifth of the plan and a quarter of an hour', function (int $booked, array $found) {
    expect(review(ReviewFacts::of(WorkKind::Planned)->hours(100, $booked)))->toBe($found);
})->with([
    [120, []],
    [121, ['HoursOver']],
    [80, []],
    [79, ['HoursUnder']],
    [0, ['NothingBooked']],
]);

it('lets short work differ by up to a quarter of an hour, and compares nothing that was not planned', function () {
    expect(review(ReviewFacts::of(WorkKind::Planned)->hours(10, 25)))
        ->toBe([])
        ->and(review(ReviewFacts::of(WorkKind::Planned)->hours(10, 26)))
        ->toBe(['HoursOver'])
        ->and(review(ReviewFacts::of(WorkKind::Planned)->hours(0, 300)))
        ->toBe([]);
});

it('tells all that stands out, the gravest first, and whether it can be closed', function () {
    $facts = ReviewFacts::of(WorkKind::Unplanned)
        ->hours(60, 200)
        ->steps(1, 1)
        ->lines(2, 1)
        ->late(3)
        ->withoutRecord();
    expect(review($facts))
        ->toBe([
            'NoFailureRecord',
            'UnknownCost',
            'FoundFaulty',
            'StepsOpen',
            'HoursOver',
            'PartsDiffer',
            'Late',
            'Unplanned',
        ])
        ->and(Review::of($facts)->canBeClosed())
        ->toBeFalse()
        ->and(Review::of(ReviewFacts::of(WorkKind::Unplanned)->late(3))->canBeClosed())
        ->toBeTrue();
});
