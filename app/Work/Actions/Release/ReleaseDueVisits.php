<?php

declare(strict_types=1);

namespace App\Work\Actions\Release;

use App\Planning\Actions\ExtendOutlook;
use App\Planning\Actions\FollowWaitingMeters;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Orders\MakeOrders;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\ReleaseChoice;
use App\Work\Queries\ReleasePreview;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Makes an order for every visit of a site whose lead has come. Harmless when run twice, at the same moment, or
 * after being killed half-way:
 * it works in chunks, locks each schedule before it decides, and the pair of schedule and visit number is unique in
 * the database.
 */
final readonly class ReleaseDueVisits
{
    private const CHUNK = 50;

    public function __construct(
        private Clock $clock,
        private Audit $audit,
        private ReleasePreview $preview,
        private MakeOrders $make,
        private FollowWaitingMeters $follow,
        private ExtendOutlook $rollOn,
        private OrderMoves $moves,
    ) {
    }

    /** @param  ReleaseBatch|null  $batch  one that was opened for it before, to be watched while it runs */
    public function __invoke(
        Actor $by,
        Site $site,
        ?ReleaseChoice $choice = null,
        ?ReleaseBatch $batch = null,
    ): ReleaseBatch {
        $site = Site::query()->with('restDays')->findOrFail($site->id);
        $today = $site->dayOf($this->clock->now());
        $choice ??= ReleaseChoice::all($today);
        $batch ??= ReleaseBatch::begin($by, $site->id, $today, $this->moves->now());
        ($this->follow)($site->id);
        ($this->rollOn)($site);
        foreach (array_chunk($this->candidates($site, $choice), self::CHUNK) as $ids) {
            DB::transaction(fn () => $this->releaseChunk($by, $batch, $choice->until, $ids));
        }
        DB::transaction(function () use ($by, $batch, $site, $today, $choice): void {
            if ($choice->isWhole()) {
                Site::query()
                    ->whereKey($site->id)
                    ->update(['last_released_on' => (string) $today]);
            }
            $left = array_map(
                static fn (array $line): array => [
                    'schedule' => $line['schedule']->id,
                    'name' => $line['schedule']->name,
                    'tag' => $line['schedule']->asset->tag,
                    'because' => $line['because']->value,
                ],
                ($this->preview)($site, $choice)['left'],
            );
            $batch
                ->fill([
                    'made' => WorkOrder::query()->where('batch_id', $batch->id)->count(),
                    'ended_at' => $this->moves->now(),
                    'left_alone' => $left,
                ])
                ->save();
            $this->audit->record($by, Subject::of('site', $site->id, $site->id), "released {$batch->made} orders");
        });

        return $batch;
    }

    /** @return list<int> */
    private function candidates(Site $site, ReleaseChoice $choice): array
    {
        return array_values(
            $choice
                ->due($site)
                ->orderBy('id')
                ->pluck('id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }

    /** @param  list<int>  $ids */
    private function releaseChunk(Actor $by, ReleaseBatch $batch, LocalDate $today, array $ids): void
    {
        // Whoever finishes or moves something holds the asset before its schedules; so does the release.
        Asset::query()
            ->whereIn('id', Schedule::query()->whereKey($ids)->select('asset_id'))
            ->orderBy('id')
            ->lockForUpdate()
            ->pluck('id');
        $schedules = Schedule::query()
            ->whereIn('id', $ids)
            ->orderBy('id')
            ->lockForUpdate()
            ->get()
            ->load(MakeOrders::LOADED);
        $due = $schedules
            ->filter(fn (Schedule $schedule): bool => $schedule->releaseDecision($today)->releases())
            ->all();
        if ($due !== []) {
            ($this->make)($by, $batch, array_values($due));
        }
    }
}
