<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Stops\Events\AssetRuns;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says that an asset runs again: ends its open stop. */
final readonly class ReportRunning
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private KeepDownSince $keep,
        private ShiftSums $sums,
    ) {
    }

    public function __invoke(Actor $by, Asset $asset, DateTimeImmutable $to, ?string $note = null): Stop
    {
        return DB::transaction(function () use ($by, $asset, $to, $note): Stop {
            $held = Asset::query()->lockForUpdate()->findOrFail($asset->id);
            event(new AssetRuns($held));
            $stop =
                Stop::standing()->where('open_on', $asset->id)->lockForUpdate()->first() ??
                throw InvalidInput::because('runs', 'down', "{$asset->name} runs already.");
            $span = $stop->span()->ended($to, $this->clock->now());
            $stop
                ->fill([
                    'to_at' => $to->format('Y-m-d H:i:s.u'),
                    'ended_who' => $by->name,
                    'note' => $note === null || $note === '' ? $stop->note : trim("{$stop->note}\n{$note}"),
                    'version' => $stop->version + 1,
                ])
                ->save();
            ($this->keep)($asset->id);
            $this->sums->stood($asset->id, $stop->from_at, null);
            $this->endCalls($asset->id, $to);
            $this->audit->record(
                $by,
                Subject::of('stop', $stop->id, $asset->site_id),
                "said that {$asset->name} runs again, after {$span->minutes($this->clock->now())} min",
                [],
                $note,
                [$asset->subject()],
            );

            return $stop;
        });
    }

    /** Whoever was called to it, or to a line that it stops, is needed no more. */
    private function endCalls(int $assetId, DateTimeImmutable $to): void
    {
        DB::table('maintenance_calls')
            ->where(static fn ($any) => $any
                ->where('asset_id', $assetId)
                ->orWhereIn('line_id', DB::table('line_parts')->where('asset_id', $assetId)->select('line_id')))
            ->whereNull('over_at')
            ->where('called_at', '<=', $to->format('Y-m-d H:i:s'))
            ->update(['over_at' => $to->format('Y-m-d H:i:s')]);
    }
}
