<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\StopReasons;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Stops\StopSpan;
use Sundial\Support\InvalidInput;

/** Says that an asset is down: opens a stop. */
final readonly class ReportDown
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private StopReasons $reasons,
        private ShiftSums $sums,
    ) {
    }

    public function __invoke(Actor $by, Asset $asset, DateTimeImmutable $from, StopSaid $said): Stop
    {
        return DB::transaction(function () use ($by, $asset, $from, $said): Stop {
            $asset = Asset::query()->lockForUpdate()->findOrFail($asset->id);
            if ($asset->life_state === LifeState::Retired) {
                throw InvalidInput::because(
                    'retired',
                    'down',
                    "{$asset->name} is retired: it has nothing to stop. Bring it back first, if it is used again.",
                );
            }
            $last = Stop::standing()->where('asset_id', $asset->id)->orderByDesc('from_at')->orderByDesc('id')->first();
            if ($last !== null && $last->to_at === null) {
                throw InvalidInput::because(
                    'down',
                    'down',
                    "{$asset->name} is down already, since {$last->opened_who} said so ({$last->reason}). Say that ".
                        'it runs again first, if this is another stop.',
                );
            }
            $span = StopSpan::begun($from, $this->clock->now(), Stop::instant($last?->to_at));
            $stop = Stop::query()->create([
                'site_id' => $asset->site_id,
                'asset_id' => $asset->id,
                'from_at' => $span->from->format('Y-m-d H:i:s.u'),
                ...$this->reasons->facts($said->reason, $asset->class_id, $said->planned),
                ...$said->facts(),
                'opened_by' => $by->id,
                'opened_who' => $by->name,
            ]);
            ($this->keep)($asset->id);
            $this->sums->stood($asset->id, $stop->from_at, null);
            $this->audit->record(
                $by,
                Subject::of('stop', $stop->id, $asset->site_id),
                "said that {$asset->name} is down: {$stop->reason}",
                [],
                $said->note,
                [$asset->subject()],
            );

            return $stop;
        });
    }
}
