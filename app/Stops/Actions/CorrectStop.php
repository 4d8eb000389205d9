<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use App\Stops\Inputs\StopCorrection;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\StopReasons;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\StopSpan;
use Sundial\Support\InvalidInput;

/** Corrects when a stop began and ended, why, and whether it was planned. */
final readonly class CorrectStop
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private StopReasons $reasons,
        private ShiftSums $sums,
    ) {
    }

    public function __invoke(Actor $by, Stop $stop, StopCorrection $to, int $version): Stop
    {
        return DB::transaction(function () use ($by, $stop, $to, $version): Stop {
            $asset = Asset::query()->lockForUpdate()->findOrFail($stop->asset_id);
            $stop = Versioned::lock($stop, $version);
            if ($stop->struck_at !== null) {
                throw InvalidInput::because('struck', 'from_at', 'This stop was struck out; it is corrected no more.');
            }
            $before = $stop->only(['from_at', 'to_at', 'reason', 'planned', 'note']);
            $others = Stop::standing()->where('asset_id', $stop->asset_id)->where('id', '<>', $stop->id);
            $was = $stop->getOriginal('from_at');
            $last = (clone $others)->where('from_at', '<', $was)->orderByDesc('from_at')->value('to_at');
            $next = (clone $others)->where('from_at', '>', $was)->orderBy('from_at')->value('from_at');
            $span = StopSpan::corrected(
                $to->span,
                $this->clock->now(),
                Stop::instant($last),
                Stop::instant($next),
            );
            $stop->fill([
                'from_at' => $span->from->format('Y-m-d H:i:s.u'),
                'to_at' => $span->to?->format('Y-m-d H:i:s.u'),
                ...$this->reasons->facts($to->reason, $asset->class_id, $to->planned),
                'note' => $to->note,
            ]);
            if (! Versioned::save($stop)) {
                return $stop;
            }
            ($this->keep)($stop->asset_id);
            $isOpen = $stop->to_at === null || $before['to_at'] === null;
            $this->sums->stood(
                $stop->asset_id,
                min($stop->from_at, $before['from_at']),
                $isOpen ? null : max($stop->to_at, $before['to_at']),
            );
            $this->audit->record(
                $by,
                Subject::of('stop', $stop->id, $stop->site_id),
                "corrected a stop of {$asset->name}",
                Audit::difference($before, $stop->only(['from_at', 'to_at', 'reason', 'planned', 'note'])),
                null,
                [$asset->subject()],
            );

            return $stop;
        });
    }
}
