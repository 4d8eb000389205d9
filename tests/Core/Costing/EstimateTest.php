<?php

declare(strict_types=1);

use Sundial\Costing\Estimate;

it('estimates by the orders that are most alike, when there are enough of them', function (
    array $samples,
    ?array $says,
) {
    $estimate = Estimate::from($samples);
    expect(
        $estimate === null ? null : [$estimate->basis, $estimate->orders, $estimate->median(), $estimate->most()],
    )->toBe($says);
})->with([
    'five' => [['same' => [90, 30, 45, 50, 40]], ['same', 5, 45, 58]],
    'two are too few' => [['same' => [30, 40], 'type' => [10, 20, 30, 41]], ['type', 4, 25, 34]],
    'half a minute up' => [['same' => [10, 20, 31, 40]], ['same', 4, 26, 35]],
    'ten' => [['same' => [1, 2, 3, 4, 5, 6, 7, 8, 9, 10]], ['same', 10, 6, 8]],
    'three' => [['same' => [7, 7, 7]], ['same', 3, 7, 7]],
    'none' => [['same' => [], 'type' => [5]], null],
]);
