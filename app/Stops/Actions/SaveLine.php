<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Writing\Versioned;
use App\Stops\Inputs\LineInput;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\ShiftSums;
use App\Stops\Projections\StopShifts;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Marks an asset as a line, or changes what holds for it: what stops it, what is speed, what an hour is worth. */
final readonly class SaveLine
{
    /** What changes with the parts or the threshold is counted again so far back. */
    private const DAYS = 400;

    public function __construct(
        private Audit $audit,
        private ShiftSums $sums,
        private StopShifts $shifts,
        private Clock $clock,
    ) {
    }

    /** Refuses: is_line, itself. */
    public function __invoke(Actor $by, Line $line, LineInput $said, ?int $version = null): Line
    {
        return DB::transaction(function () use ($by, $line, $said, $version): Line {
            $isNew = ! $line->exists;
            if ($isNew && Line::query()->where('asset_id', $line->asset_id)->exists()) {
                throw InvalidInput::because('is_line', 'asset_id', 'This asset is a line already.');
            }
            if (in_array($line->asset_id, $said->partIds, true)) {
                throw InvalidInput::because('itself', 'part_ids', 'The line is no part of itself. Leave it away.');
            }
            $line = $isNew ? $line : Versioned::lock($line, $version);
            $before = $isNew ? [] : $line->only(array_keys($said->facts()));
            $line->fill($said->facts());
            $differs = Versioned::differs($line);
            $isNew && $line->save();
            $moved = $line->parts()->sync($said->partIds);
            if (! $differs && array_filter($moved) === []) {
                return $line->refresh();
            }
            $line->save();
            $line->load(['asset', 'parts']);
            $this->audit->record(
                $by,
                $line->subject(),
                $isNew ? "made {$line->asset->name} a line" : "changed the line {$line->asset->name}",
                $isNew ? [] : Audit::difference($before, $said->facts()),
                null,
                [$line->asset->subject()],
            );
            $isOther = array_filter($moved) !== [] || ($before['speed_below'] ?? null) !== $said->speedBelow;
            if ($isNew || $isOther) {
                $this->countAgain($line, ...array_map(intval(...), $moved['detached']));
            }

            return $line;
        });
    }

    /** @param  int  ...$left  assets that stop it no longer */
    private function countAgain(Line $line, int ...$left): void
    {
        $since = $this->clock->now()->modify('-'.self::DAYS.' days')->format('Y-m-d H:i:s');
        $records = ShiftRecord::query()
            ->with('runs')
            ->where('line_id', $line->id)
            ->where('from_at', '>', $since)
            ->whereNotNull('counted_at');
        foreach ($records->lazyById(200) as $record) {
            $this->sums->keep($record->setRelation('line', $line));
        }
        foreach ([...$line->assetIds(), ...$left] as $assetId) {
            $this->shifts->keep($assetId, $since, null);
        }
    }
}
