<?php

declare(strict_types=1);

use Sundial\Ops\ComputeStops;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

/** What is expected of each key: counts and exact decimals as they are, doubles within the tolerance. */
function told(mixed $expected, mixed $said, float $tolerance, string $at = ''): void
{
    if (is_array($expected)) {
        expect($said)->toBeArray($at);
        foreach ($expected as $key => $value) {
            expect($said)->toHaveKey($key);
            told($value, $said[$key], $tolerance, "{$at}.{$key}");
        }

        return;
    }
    is_float($expected)
        ? expect(abs($said - $expected))->toBeLessThanOrEqual(max(1e-15, abs($expected) * $tolerance), $at)
        : expect($said)->toBe($expected, $at);
}

it('measures stops, effectiveness, reliability and what helped as the reference does', function (
    string $topic,
    array $case,
    float $tolerance,
) {
    $compute = ComputeStops::$topic(...);
    if (isset($case['expected']['error'])) {
        try {
            $compute($case);
        } catch (InvalidInput $refused) {
            expect($refused->cause())->toBe($case['expected']['error']);

            return;
        }
        throw new LogicException('It was not refused.');
    }
    told($case['expected'], $compute($case), $tolerance);
})->with(function () {
    $topics = ['intervals' => 0.0, 'oee' => 1e-12, 'reliability' => 1e-12, 'rate_ratio' => 1e-8];
    foreach ($topics as $topic => $tolerance) {
        foreach (Cases::of($topic) as $name => [$case]) {
            yield $name => [$topic === 'rate_ratio' ? 'rateRatio' : $topic, $case, $tolerance];
        }
    }
});
