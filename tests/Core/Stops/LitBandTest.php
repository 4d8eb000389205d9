<?php

declare(strict_types=1);

use Sundial\Stops\BandBlock;
use Sundial\Stops\LitBand;
use Sundial\Stops\ProductRun;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;

it('shows each second of a shift once: what ran at its rate, what stood, breaks, and what nobody knows', function () {
    $at = static fn (int $from, int $to): Span => Span::between($from * 60, $to * 60);
    $shift = ShiftFacts::of($at(0, 480), $at(240, 270))
        ->stood(SpanSet::of(), SpanSet::of($at(60, 90), $at(80, 100), $at(250, 300)))
        ->made([$at(0, 120), ProductRun::of('60', 64, 8)], [$at(180, 480), ProductRun::of('30', 100, 0)]);
    $band = LitBand::of(
        [$shift],
        [[$at(60, 90), StopKind::Failure, 7], [$at(80, 100), null, 8], [$at(250, 300), StopKind::Starved, 9]],
        400 * 60,
    );
    expect(array_map(static fn (BandBlock $one): array => [
        intdiv($one->span->from, 60),
        intdiv($one->span->to, 60),
        $one->look->value,
        round($one->rate, 3),
        $one->of,
    ], $band->blocks))->toBe([
        [0, 60, 'lit', 0.8, 0],
        [60, 90, 'failed', 0.0, 7],
        [90, 100, 'unsaid', 0.0, 8],
        [100, 120, 'lit', 0.8, 0],
        [120, 180, 'unknown', 0.0, null],
        [180, 240, 'lit', 0.313, 1],
        [240, 250, 'rest', 0.0, null],
        [250, 300, 'waiting', 0.0, 9],
        [300, 400, 'lit', 0.313, 1],
    ]);
});
