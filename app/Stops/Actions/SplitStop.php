<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Splits a stop at an instant within it: each part has a reason of its own from then on. */
final readonly class SplitStop
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private ShiftSums $sums,
    ) {
    }

    /**
     * @return Stop the later part
     *
     * Refuses: struck, outside.
     */
    public function __invoke(Actor $by, Stop $stop, DateTimeImmutable $at, string $because, int $version): Stop
    {
        return DB::transaction(function () use ($by, $stop, $at, $because, $version): Stop {
            $asset = Asset::query()->lockForUpdate()->findOrFail($stop->asset_id);
            $stop = Versioned::lock($stop, $version);
            if ($stop->struck_at !== null) {
                throw InvalidInput::because('struck', 'split_at', 'This stop was struck out.');
            }
            [$first, $second] = $stop->span()->splitAt($at, $this->clock->now());
            $later = $stop->replicate(['open_on', 'version'])->fill([
                'from_at' => $second->from->format('Y-m-d H:i:s.u'),
                'version' => 1,
            ]);
            // The one that is over is written first: an asset has one open stop at the most.
            $stop->fill([
                'to_at' => $first->to?->format('Y-m-d H:i:s.u'),
                'ended_who' => $by->name,
            ])->save();
            $later->save();
            ($this->keep)($asset->id);
            $this->sums->stood($asset->id, $stop->from_at, $later->to_at);
            $this->audit->record(
                $by,
                $stop->subject(),
                "split a stop of {$asset->name} in two",
                ['to' => [$later->to_at, $stop->to_at]],
                $because,
                [$asset->subject(), $later->subject()],
            );

            return $later;
        });
    }
}
