<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\Planning\Actions\FollowWaitingMeters;
use App\Platform\Audit\Actor;
use App\Register\Actions\TakeManyReadings;
use App\Register\Actions\TakeReading;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use DateTimeImmutable;
use Sundial\Support\Quantity;

/** Readings of a gateway that reads 200 meters every second, in batches of 50: beside the time in which they come. */
final readonly class MeasureReadings
{
    private const BATCHES = 20;

    private const BATCH = 50;

    private const A_SECOND = 200;

    public function __construct(
        private TakeManyReadings $many,
        private TakeReading $take,
        private FollowWaitingMeters $follow,
    ) {
    }

    /**
     * @return array{ours: float, plain: float, count: int, meters: int, behind: float} what follows behind the page
     *     beside it
     */
    public function __invoke(DateTimeImmutable $now): array
    {
        $meters = Meter::query()->whereNotNull('last_total')->limit(self::A_SECOND)->get();
        $count = 0;
        $ours = 0.0;
        for ($n = 0; $n < self::BATCHES; $n++) {
            $lines = [];
            for ($i = 0; $i < self::BATCH; $i++) {
                $of = ($n * self::BATCH + $i) % $meters->count();
                $later = 1 + intdiv($n * self::BATCH + $i, $meters->count());
                $shown = Quantity::parse((string) $meters[$of]->last_shown) + $later * 100;
                $lines[] = [
                    'of' => $of,
                    'shown' => Quantity::plain($shown),
                    'later' => $later,
                ];
            }
            $began = hrtime(true);
            $count += count(($this->many)($lines, fn (array $line): Reading => $this->take(
                $meters[(int) $line['of']],
                (string) $line['shown'],
                $now->modify('-'.(600 - (int) $line['later']).' seconds'),
            )));
            $ours += (hrtime(true) - $began) / 1e9;
        }

        $began = hrtime(true);
        $followed = ($this->follow)();

        return [
            'ours' => $ours,
            'plain' => $count / self::A_SECOND,
            'count' => $count,
            'meters' => $followed,
            'behind' => (hrtime(true) - $began) / 1e9,
        ];
    }

    private function take(Meter $meter, string $shown, DateTimeImmutable $at): Reading
    {
        return ($this->take)(Actor::sundial(), $meter, $shown, $at, source: 'API')[0];
    }
}
