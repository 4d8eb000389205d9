<?php

declare(strict_types=1);

use Sundial\Stops\Signal;
use Sundial\Stops\SignalRules;
use Sundial\Stops\SignalSlot;
use Sundial\Stops\Span;
use Sundial\Support\InvalidInput;

use function Tests\Core\tries;

it('makes a stop of what idles for longer than the line allows, and of what makes too few', function () {
    $signals = [
        Signal::of(0, 'running', 0),
        Signal::of(100, 'idle', 50),
        Signal::of(150, 'running', 50),
        Signal::of(300, 'idle', 120),
        Signal::of(360, 'idle', 120),
        Signal::of(500, 'running', 120),
        Signal::of(700, 'running', 121),
        Signal::of(900, 'idle', 230),
    ];
    $rules = SignalRules::idleAfter(60);
    expect($rules->stops($signals, 930))
        ->toBe([[300, 500]], '50 s are short, and 30 s are short still')
        ->and($rules->stops($signals, 961))
        ->toBe([[300, 500], [900, null]])
        ->and(SignalRules::idleAfter(60, 0.1)->stops($signals, 930))
        ->toBe([[300, 700]], 'one piece in 200 s is no running');
});

it('shares what was made out over the minutes, and begins anew where a counter did', function () {
    $output = SignalRules::output([
        Signal::of(30, 'running', 100, 4),
        Signal::of(150, 'running', 160, 5),
        Signal::of(180, 'running', 10, 5),
        Signal::of(200, 'idle'),
        Signal::of(220, 'running', 14, 5),
    ]);
    expect($output)->toBe([0 => [15, 0], 60 => [30, 0], 120 => [25, 1]]);
    expect(static fn () => Signal::of(0, 'asleep'))->toThrow(InvalidInput::class, 'none of running and idle');
});

it('loses no piece and makes none twice, however often it is asked between', function () {
    mt_srand(41);
    for ($i = 0; $i < tries(2000); $i++) {
        [$at, $counter, $signals] = [mt_rand(0, 5000), 0, []];
        for ($n = 0; $n < mt_rand(2, 12); $n++) {
            $signals[] = Signal::of($at, mt_rand(0, 3) === 0 ? 'idle' : 'running', $counter);
            $at += mt_rand(1, 400);
            $counter += mt_rand(0, 300);
        }
        $made = array_sum(array_column(SignalRules::output($signals), 0));
        expect($made)->toBe($signals[count($signals) - 1]->counter);
        $seconds = 0;
        foreach (SignalRules::idleAfter(0)->stops($signals, $at) as [$from, $to]) {
            $seconds += ($to ?? $at) - $from;
        }
        $idle = 0;
        foreach ($signals as $n => $signal) {
            $idle += $signal->runs ? 0 : ($signals[$n + 1]->at ?? $at) - $signal->at;
        }
        expect($seconds)->toBe($idle);
    }
})->group('property');

it('knows what a machine made by the quarter of an hour, up to its last signal', function () {
    $shift = Span::between(1000, 4000);
    $slots = SignalSlot::ofShift($shift, Span::between(1950, 3800), 3750);
    expect(array_map(static fn (SignalSlot $one): array => [
        $one->whole->from, $one->whole->to, $one->known->to, $one->heardSince(),
    ], $slots))->toBe([[1900, 2800, 2800, 1300], [2800, 3700, 3700, 2200], [3700, 4000, 3750, 3100]]);
    expect(SignalSlot::ofShift($shift, Span::between(0, 1001), 900))
        ->toHaveCount(1)
        ->and(SignalSlot::ofShift($shift, Span::between(0, 1001), 900)[0]->known->isEmpty())
        ->toBeTrue();
});
