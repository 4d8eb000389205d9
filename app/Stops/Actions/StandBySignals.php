<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Clock\Clock;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Line;
use App\Stops\Models\LineRate;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\SignalsAround;
use App\Stops\Queries\StoodIn;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Sundial\Stops\SignalRules;

/**
 * Stands the stops of a line where its signals say: begun, ended, moved where a signal came late, struck out where it
 * ran after all. What a person said of a stop stays, and so do the stops that a person logged.
 */
final readonly class StandBySignals
{
    private const IDLE_AFTER = 60;

    public function __construct(private KeepDownSince $keep, private ShiftSums $sums, private Clock $clock)
    {
    }

    public function __invoke(Line $line, SignalsAround $around): void
    {
        $signals = $around->signals;
        if ($signals === []) {
            return;
        }
        $last = $signals[count($signals) - 1]->at;
        $wanted = SignalRules::idleAfter($line->idle_after ?? self::IDLE_AFTER, $this->least($line))->stops(
            $signals,
            $around->isLast ? $this->clock->now()->getTimestamp() : $last,
        );
        $known = $this->between($line, $signals[0]->at, $around->isLast ? null : $last);
        [$mine, $others] = $known->partition(static fn (Stop $one): bool => $one->source === 'signal');
        $changed = null;
        foreach ($wanted as [$from, $to]) {
            $stop = $mine->first(static fn (Stop $one): bool => self::overlaps($one, $from, $to));
            if ($stop !== null) {
                $mine = $mine->reject(static fn (Stop $one): bool => $one->id === $stop->id);
                $began = ShiftRecord::second($stop->from_at);
                $changed = $this->move($stop, $from, $to) ? min($changed ?? $from, $from, $began) : $changed;
            } elseif (! $others->contains(static fn (Stop $one): bool => self::overlaps($one, $from, $to))) {
                $this->begin($line, $from, $to);
                $changed = min($changed ?? $from, $from);
            }
        }
        foreach ($mine->whereNull('reason_id') as $stop) {
            $this->strike($stop);
            $changed = min($changed ?? PHP_INT_MAX, ShiftRecord::second($stop->from_at));
        }
        if ($changed !== null) {
            ($this->keep)($line->asset_id);
            $this->sums->stood($line->asset_id, ShiftRecord::at($changed), null);
        }
    }

    /** Pieces in a second below which it stands: by the slowest of its products. */
    private function least(Line $line): float
    {
        $slowest = $line->lowest_percent === null
            ? null
            : LineRate::query()->where('line_id', $line->id)->max('ideal_seconds');

        return $slowest === null ? 0.0 : $line->lowest_percent / 100 / (float) $slowest;
    }

    /** @return Collection<int, Stop> half-open: one that ended when the first signal came is not among them */
    private function between(Line $line, int $from, ?int $to): Collection
    {
        $ids = StoodIn::ids(
            ShiftRecord::at($from),
            $to === null ? null : ShiftRecord::at($to),
            static fn (Builder $some) => $some->where('asset_id', $line->asset_id),
        )->pluck('id');

        return Stop::standing()
            ->whereIn('id', $ids)
            ->orderBy('from_at')
            ->lockForUpdate()
            ->get()
            ->toBase();
    }

    private static function overlaps(Stop $stop, int $from, ?int $to): bool
    {
        $begins = ShiftRecord::second($stop->from_at);
        $ends = $stop->to_at === null ? PHP_INT_MAX : ShiftRecord::second($stop->to_at);

        return $begins < ($to ?? PHP_INT_MAX) && $from < $ends;
    }

    private function move(Stop $stop, int $from, ?int $to): bool
    {
        $stop->fill([
            'from_at' => ShiftRecord::at($from).'.000000',
            'to_at' => $to === null ? null : ShiftRecord::at($to).'.000000',
        ]);
        if (! $stop->isDirty()) {
            return false;
        }
        $stop->fill(['ended_who' => $to === null ? null : 'signals', 'version' => $stop->version + 1])->save();

        return true;
    }

    private function begin(Line $line, int $from, ?int $to): void
    {
        Stop::query()->create([
            'site_id' => $line->site_id,
            'asset_id' => $line->asset_id,
            'from_at' => ShiftRecord::at($from),
            'to_at' => $to === null ? null : ShiftRecord::at($to),
            'reason' => StopSaid::NOT_YET,
            'source' => 'signal',
            'opened_who' => 'signals',
            'ended_who' => $to === null ? null : 'signals',
        ]);
    }

    private function strike(Stop $stop): void
    {
        $stop->fill([
            'struck_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            'struck_who' => 'signals',
            'struck_because' => 'signals that came later say that it ran',
            'version' => $stop->version + 1,
        ])->save();
    }
}
