<?php

declare(strict_types=1);

use Sundial\Work\Priority;
use Sundial\Work\Window\FittingWork;
use Sundial\Work\Window\ReadyWork;

function ready(int $id, Priority $priority, int $late, int $minutes, array $people): ReadyWork
{
    return ReadyWork::of($id, $priority, $late)->taking($minutes, $people);
}

it('takes the most urgent first, as long as people are free and the window lasts', function () {
    $fits = FittingWork::into(
        120,
        ['fitter' => 2, 'electrician' => 1],
        ready(1, Priority::Routine, 9, 60, [['fitter', 1, 60]]),
        ready(2, Priority::Urgent, 0, 120, [['fitter', 1, 120]]),
        ready(3, Priority::Routine, 10, 30, [['fitter', 2, 45]]),
        ready(4, Priority::Routine, 0, 130, [['fitter', 1, 10]]),
        ready(5, Priority::Soon, 0, 10, [['welder', 1, 10]]),
        ready(6, Priority::Soon, 0, 10, [['electrician', 2, 10]]),
        ready(7, Priority::Soon, 0, 0, []),
        ready(8, Priority::Emergency, 0, 5, [])->lacking('no permit for hot work', '1 part'),
        ready(9, Priority::Routine, -3, 20, [['fitter', 1, 150]]),
    );
    // Of 240 minutes of fitters, 120 go to the second order and 90 to the third: 60 more there are not.
    expect($fits->fits)
        ->toBe([2, 7, 3])
        ->and($fits->left)
        ->toBe([
            8 => 'no permit for hot work, 1 part',
            5 => 'wants 1 welder, 0 free',
            6 => 'wants 2 electrician, 1 free',
            1 => 'no fitter is left for it',
            4 => 'takes longer than it stands',
            9 => 'takes longer than it stands',
        ]);
});

it('counts all lines of one trade in an order together', function () {
    $two = ready(1, Priority::Soon, 0, 60, [['fitter', 1, 60], ['fitter', 1, 60]]);
    expect(FittingWork::into(60, ['fitter' => 2], $two)->fits)
        ->toBe([1])
        ->and(FittingWork::into(60, ['fitter' => 1], $two)->left)
        ->toBe([1 => 'no fitter is left for it']);
});
