<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\TakeOverDocuments;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Makes one stop of two that follow each other on an asset: it was one. The other is struck out. */
final readonly class MergeStops
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private ShiftSums $sums,
        private TakeOverDocuments $documents,
    ) {
    }

    /** Refuses: struck, none_after. */
    public function __invoke(Actor $by, Stop $stop, string $because, int $version): Stop
    {
        return DB::transaction(function () use ($by, $stop, $because, $version): Stop {
            $asset = Asset::query()->lockForUpdate()->findOrFail($stop->asset_id);
            $stop = Versioned::lock($stop, $version);
            if ($stop->struck_at !== null) {
                throw InvalidInput::because('struck', 'merge', 'This stop was struck out.');
            }
            $next = Stop::standing()
                ->where('asset_id', $stop->asset_id)
                ->where('from_at', '>', $stop->from_at)
                ->orderBy('from_at')
                ->lockForUpdate()
                ->first() ?? throw InvalidInput::because(
                    'none_after',
                    'merge',
                    'No stop of this machine follows it. Open the earlier one of the two.',
                );
            $whole = $stop->span()->joinedWith($next->span());
            $next->fill([
                'struck_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
                'struck_who' => $by->name,
                'struck_because' => mb_substr("merged into the one before it: {$because}", 0, 250),
                'version' => $next->version + 1,
            ])->save();
            $stop->fill(['to_at' => $whole->to?->format('Y-m-d H:i:s.u')])->save();
            ($this->documents)($next->subject(), $stop->subject());
            ($this->keep)($asset->id);
            $this->sums->stood($asset->id, $stop->from_at, $stop->to_at);
            $this->audit->record(
                $by,
                $stop->subject(),
                "made one of two stops of {$asset->name}",
                ['to' => [$next->from_at, $stop->to_at]],
                $because,
                [$asset->subject(), $next->subject()],
            );

            return $stop;
        });
    }
}
