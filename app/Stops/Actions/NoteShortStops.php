<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Register\Models\Asset;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Models\Line;
use App\Stops\Models\ShortStop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\StopReasons;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Notes many short stops of a line within one hour: they lower what it ran, and are counted. */
final readonly class NoteShortStops
{
    private const HOUR = 3600;

    public function __construct(
        private StopReasons $reasons,
        private ShiftSums $sums,
        private Clock $clock,
        private Audit $audit,
    ) {
    }

    /** Refuses: none, too_long, ahead, not_of_line. */
    public function __invoke(Actor $by, Line $line, ShortTyped $said): ShortStop
    {
        return DB::transaction(function () use ($by, $line, $said): ShortStop {
            $line = Line::query()->with(['asset', 'parts'])->lockForUpdate()->findOrFail($line->id);
            $assetId = $said->assetId ?? $line->asset_id;
            match (true) {
                $said->stops < 1 || $said->seconds < 1 => throw InvalidInput::because(
                    'none',
                    'stops',
                    'Say how many short stops there were, and how long in all.',
                ),
                $said->seconds > self::HOUR => throw InvalidInput::because(
                    'too_long',
                    'minutes',
                    'Within one hour they last an hour at the most. Enter the next hour apart.',
                ),
                $said->hour > $this->clock->now() => throw InvalidInput::because(
                    'ahead',
                    'hour',
                    'That hour has not begun yet.',
                ),
                ! in_array($assetId, $line->assetIds(), true) => throw InvalidInput::because(
                    'not_of_line',
                    'asset_id',
                    'This machine does not stop the line. Choose one that does.',
                ),
                default => null,
            };
            $class = (int) Asset::query()->whereKey($assetId)->value('class_id');
            $facts = $this->reasons->facts($said->reason, $class, false);
            unset($facts['planned']);
            $short = ShortStop::query()->create([
                'site_id' => $line->site_id,
                'line_id' => $line->id,
                'asset_id' => $assetId,
                'hour_at' => $said->hour->format('Y-m-d H:i:s'),
                'stops' => $said->stops,
                'seconds' => $said->seconds,
                'who' => $by->name,
                ...$facts,
            ]);
            $within = $said->hour->modify('+1 second')->format('Y-m-d H:i:s');
            $this->sums->stood($line->asset_id, $short->hour_at, $within);
            $this->audit->record(
                $by,
                $line->subject(),
                "noted {$said->stops} short stops of {$line->asset->name}: {$short->reason}",
                ['seconds' => [null, $said->seconds]],
                null,
                [$line->asset->subject()],
            );

            return $short;
        });
    }
}
