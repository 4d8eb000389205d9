<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\StoodIn;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Moves a stop to the machine that stood, where another one was named. */
final readonly class MoveStop
{
    public function __construct(
        private Audit $audit,
        private KeepDownSince $keep,
        private ShiftSums $sums,
    ) {
    }

    /** Refuses: struck, elsewhere, itself, overlaps. */
    public function __invoke(Actor $by, Stop $stop, Asset $to, string $because, int $version): Stop
    {
        return DB::transaction(function () use ($by, $stop, $to, $because, $version): Stop {
            $ids = [$stop->asset_id, $to->id];
            sort($ids);
            $assets = [];
            foreach ($ids as $id) {
                $assets[$id] = Asset::query()->lockForUpdate()->findOrFail($id);
            }
            $stop = Versioned::lock($stop, $version);
            match (true) {
                $stop->struck_at !== null => throw InvalidInput::because(
                    'struck',
                    'to_tag',
                    'This stop was struck out.',
                ),
                $to->site_id !== $stop->site_id => throw InvalidInput::because(
                    'elsewhere',
                    'to_tag',
                    'That machine stands at another site.',
                ),
                $to->id === $stop->asset_id => throw InvalidInput::because(
                    'itself',
                    'to_tag',
                    'It stands on that machine already.',
                ),
                default => $this->checkFree($stop, $to),
            };
            [$from, $was] = [$assets[$stop->asset_id], $stop->asset_id];
            $stop->fill(['asset_id' => $to->id])->save();
            ($this->keep)($was, $to->id);
            $this->sums->stood($was, $stop->from_at, $stop->to_at);
            $this->sums->stood($to->id, $stop->from_at, $stop->to_at);
            $this->audit->record(
                $by,
                $stop->subject(),
                "moved a stop from {$from->name} to {$to->name}",
                ['asset' => [$from->tag, $to->tag]],
                $because,
                [$from->subject(), $to->subject()],
            );

            return $stop->load('asset');
        });
    }

    private function checkFree(Stop $stop, Asset $to): void
    {
        $isTaken = StoodIn::ids(
            $stop->from_at,
            $stop->to_at,
            static fn (Builder $some) => $some->where('asset_id', $to->id),
        )->exists();
        if ($isTaken) {
            throw InvalidInput::because(
                'overlaps',
                'to_tag',
                "{$to->name} has a stop of its own in that time. Correct one of the two first.",
            );
        }
    }
}
