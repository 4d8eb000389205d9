<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\Stops\Actions\TakeSignals;
use App\Stops\Inputs\LineSignal;
use App\Stops\Models\Line;
use App\Stops\Projections\StopDays;
use App\Stops\Projections\StopShifts;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\Signal;

/**
 * Signals of twenty lines in batches of fifty, a stop in every four minutes, in the shift that goes on: beside the time
 * in which they come, 200 a second.
 */
final readonly class MeasureSignals
{
    private const BATCHES = 40;

    private const BATCH = 50;

    private const A_SECOND = 200;

    private const CYCLE = 240;

    private const IDLE = 90;

    public function __construct(
        private TakeSignals $take,
        private StopDays $days,
        private StopShifts $shifts,
    ) {
    }

    /** @return array{ours: float, plain: float, count: int} */
    public function __invoke(DateTimeImmutable $now): array
    {
        $lines = Line::query()->with(['asset', 'parts', 'patterns'])->get();
        $product = (int) DB::table('products')->min('id');
        foreach ($lines as $line) {
            $this->shift($line, $now);
        }
        $before = (int) DB::table('line_signals')->count();
        $each = intdiv(self::BATCHES, $lines->count());
        $ours = 0.0;
        for ($n = 0; $n < $each; $n++) {
            foreach ($lines as $line) {
                $from = $now->getTimestamp() - ($each - $n) * self::BATCH;
                $came = array_map(static fn (int $at): LineSignal => new LineSignal(
                    Signal::of($at, $at % self::CYCLE < self::IDLE ? 'idle' : 'running', intdiv($at, 20)),
                    $product,
                ), range($from, $from + self::BATCH - 1));
                $began = hrtime(true);
                ($this->take)($line, ...$came);
                $ours += (hrtime(true) - $began) / 1e9;
            }
        }
        $count = (int) DB::table('line_signals')->count() - $before;

        return ['ours' => $ours, 'plain' => $count / self::A_SECOND, 'count' => $count];
    }

    /** One that goes on, begun four hours ago at the earliest and after those that stand, with its signals. */
    private function shift(Line $line, DateTimeImmutable $now): void
    {
        $before = (string) DB::table('shift_records')->where('line_id', $line->id)->max('to_at');
        $from = max($before, $now->modify('-4 hours')->format('Y-m-d H:i:s'));
        if ($from < $now->format('Y-m-d H:i:s')) {
            DB::table('shift_records')->insert([
                'site_id' => $line->site_id,
                'line_id' => $line->id,
                'day' => substr($from, 0, 10),
                'shift' => 'bench',
                'from_at' => $from,
                'to_at' => $now->modify('+4 hours')->format('Y-m-d H:i:s'),
                'breaks' => '[]',
            ]);
        }
        $stops = [];
        for ($at = $now->getTimestamp() - 14_000; $at < $now->getTimestamp() - 400; $at += self::CYCLE) {
            $stops[] = [
                'site_id' => $line->site_id,
                'asset_id' => $line->asset_id,
                'from_at' => gmdate('Y-m-d H:i:s', $at),
                'to_at' => gmdate('Y-m-d H:i:s', $at + self::IDLE),
                'reason' => 'no reason yet',
                'planned' => 0,
                'opened_who' => 'signals',
                'source' => 'signal',
            ];
        }
        DB::table('stops')->insert($stops);
        $this->days->keep($line->asset_id, (string) $stops[0]['from_at'], null);
        $this->shifts->keep($line->asset_id, (string) $stops[0]['from_at'], null);
    }
}
