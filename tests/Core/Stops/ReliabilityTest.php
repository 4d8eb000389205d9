<?php

declare(strict_types=1);

use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

use function Tests\Core\tries;

it('counts what came by one by one as whoever looks at every second does', function () {
    mt_srand(20261128);
    $kinds = [...StopKind::cases(), null];
    for ($i = 0; $i < tries(2000); $i++) {
        $period = Span::between(100, 100 + mt_rand(0, 300));
        $required = SpanSet::of(Span::between(120, 120 + mt_rand(0, 80)), Span::between(230, 230 + mt_rand(0, 60)))
            ->within($period);
        $stops = [];
        for ($n = mt_rand(0, 8); $n > 0; $n--) {
            $from = mt_rand(60, 400);
            $stops[] = StoppedFor::ofKind($kinds[array_rand($kinds)], $from, $from + mt_rand(1, 70), 1000);
        }
        $failedAt = array_map(static fn (): int => mt_rand(80, 420), array_fill(0, mt_rand(0, 3), 0));

        $is = Reliability::of($period, $required, $stops, $failedAt);

        $failures = array_filter($stops, static fn (StoppedFor $one): bool => $one->failed);
        usort($failures, static fn ($a, $b): int => [$a->span->from, $a->span->to] <=> [$b->span->from, $b->span->to]);
        $holds = static fn (array $some, int $at): bool => array_filter(
            $some,
            static fn (StoppedFor $one): bool => $one->span->holds($at),
        ) !== [];
        $begun = array_filter(
            $failures,
            static fn (StoppedFor $one, int $n): bool => ! $holds(array_slice($failures, 0, $n), $one->span->from) &&
                $period->holds($one->span->from),
            ARRAY_FILTER_USE_BOTH,
        );
        $alone = array_filter(
            $failedAt,
            static fn (int $at): bool => $period->holds($at) && ! $holds($failures, $at),
        );
        $technical = array_filter($stops, static fn (StoppedFor $one): bool => $one->isTechnical);
        $down = 0;
        $technically = 0;
        for ($s = 0; $s < 500; $s++) {
            $down += (int) ($required->holds($s) && $holds($stops, $s));
            $technically += (int) ($required->holds($s) && $holds($technical, $s));
        }
        expect([$is->failures, $is->finished, $is->down, $is->technical])
            ->toBe([count($begun) + count($alone), count($begun), $down, $technically]);
    }
});
