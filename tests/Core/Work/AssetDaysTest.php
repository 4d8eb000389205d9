<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Costing\SpentOn;
use Sundial\Work\AssetDays;
use Sundial\Work\WorkKind;

it('does a visit on the day of its asset, a round on that of its last station, else at the finish', function () {
    $day = static fn (int $of): LocalDate => LocalDate::of(2026, 3, $of);
    $days = AssetDays::of([7 => $day(12), 8 => $day(17), 9 => $day(14)], $day(18));
    expect([(string) $days->ofAsset(7), (string) $days->ofAsset(99), (string) $days->ofRound()])
        ->toBe(['2026-03-12', '2026-03-18', '2026-03-17'])
        ->and((string) AssetDays::of([], $day(18))->ofRound())
        ->toBe('2026-03-18');
});

it('counts the mending of a failure as unplanned, also on planned work', function () {
    expect([
        SpentOn::Plan->countsAs(WorkKind::Planned),
        SpentOn::Failure->countsAs(WorkKind::Planned),
        SpentOn::Plan->countsAs(WorkKind::Unplanned),
    ])->toBe([WorkKind::Planned, WorkKind::Unplanned, WorkKind::Unplanned]);
});
