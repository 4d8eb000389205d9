<?php

declare(strict_types=1);

use Sundial\Stops\Pareto;
use Sundial\Stops\StopKind;

it('sorts by size, says the share up to each, and keeps the rest last', function () {
    $pareto = Pareto::of(['warp break' => 30, 'weft sensor' => 60, 'jam' => 5, 'no yarn' => 0, 'drive' => 5], 3);
    expect($pareto->total)
        ->toBe(100)
        ->and($pareto->rest)
        ->toBe(5)
        ->and(array_column($pareto->bars, 'key'))
        ->toBe(['weft sensor', 'warp break', 'drive'])
        ->and(array_column($pareto->bars, 'upTo'))
        ->toBe([0.6, 0.9, 0.95])
        ->and(array_column($pareto->bars, 'share'))
        ->toBe([0.6, 0.3, 0.05]);
});

it('draws nothing of nothing', function () {
    expect(Pareto::of([], 5)->bars)->toBe([])->and(Pareto::of(['a' => 0], 5)->total)->toBe(0);
});

it('knows which stops are failures, which are meant, and which another machine caused', function () {
    $of = static fn (string $what): array => array_map(
        static fn (StopKind $one): string => $one->value,
        array_values(array_filter(StopKind::cases(), static fn (StopKind $one): bool => $one->$what())),
    );
    expect($of('isFailure'))
        ->toBe(['failure'])
        ->and($of('isPlanned'))
        ->toBe(['planned stop'])
        ->and($of('isTechnical'))
        ->toBe(['planned stop', 'failure'])
        ->and($of('isFromElsewhere'))
        ->toBe(['starved', 'blocked']);
});
