<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Models\Asset;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Inputs\StopSaid;
use App\Stops\Inputs\TabletAct;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use App\Stops\Models\Stop;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Takes what was pressed at a tablet, once: a press that is sent again gets the first answer. One that cannot be any
 * more (the line was said to run meanwhile) is answered with the reason and is not sent again.
 */
final readonly class TakeTabletAct
{
    public function __construct(
        private ReportDown $down,
        private ReportRunning $runs,
        private ExplainStop $explain,
        private PhotographStop $photograph,
        private NoteShortStops $short,
        private CallMaintenance $call,
        private ArriveAtCall $arrive,
        private Clock $clock,
    ) {
    }

    /** @return string|null why it was not taken; null: it was */
    public function __invoke(LineTablet $tablet, TabletAct $act): ?string
    {
        return DB::transaction(function () use ($tablet, $act): ?string {
            $now = $this->clock->now()->format('Y-m-d H:i:s');
            DB::table('line_tablets')->where('id', $tablet->id)->update(['seen_at' => $now]);
            $isNew = DB::table('tablet_acts')->insertOrIgnore([
                'tablet_id' => $tablet->id,
                'act' => $act->id,
                'taken_at' => $now,
            ]) === 1;
            $row = DB::table('tablet_acts')->where('tablet_id', $tablet->id)->where('act', $act->id);
            if (! $isNew) {
                return $row->value('said');
            }
            try {
                $row->update(['record_id' => DB::transaction(fn (): int => $this->take($tablet, $act))]);
            } catch (InvalidInput $e) {
                $row->update(['said' => mb_substr($e->getMessage(), 0, 250)]);

                return $e->getMessage();
            }

            return null;
        });
    }

    /** @return int the stop or call that it made */
    private function take(LineTablet $tablet, TabletAct $act): int
    {
        $by = Actor::guest($tablet->name);
        $line = Line::query()->with(['asset', 'parts'])->findOrFail($tablet->line_id);
        $at = min($act->at, $this->clock->now());
        match ($act->what) {
            'down' => $made = $this->down($by, $this->asset($line, $act), $at),
            'runs' => $made = $this->runs($by, $line, $at),
            'why' => $made = $this->why($by, $tablet, $line, $act),
            'photo' => $made = $this->photo($by, $tablet, $line, $act),
            'short' => $made = ($this->short)($by, $line, new ShortTyped(
                $at->setTime((int) $at->format('G'), 0),
                $act->stops,
                $act->seconds,
                $act->words,
            ))->id,
            'call' => $made = ($this->call)($by, $line, $this->asset($line, $act), $act->words, $at)->id,
            'arrived' => $made = ($this->arrive)($by, $line, $at),
            default => throw InvalidInput::because('unknown', 'what', 'This tablet is newer than Sundial.', $act->what),
        };

        return $made;
    }

    private function down(Actor $by, Asset $asset, DateTimeImmutable $at): int
    {
        // They follow each other: the one that began last ended last.
        $ended = Stop::standing()->where('asset_id', $asset->id)->orderByDesc('from_at')->value('to_at');

        return ($this->down)($by, $asset, $this->after($ended, $at), StopSaid::notYet()->by('tablet'))->id;
    }

    /** Presses come in their order, however the clock of the tablet goes: none is before the one before it. */
    private function after(?string $before, DateTimeImmutable $at): DateTimeImmutable
    {
        return max($at, Stop::instant($before) ?? $at);
    }

    /** Whatever of the line stands runs again. */
    private function runs(Actor $by, Line $line, DateTimeImmutable $at): int
    {
        $open = Stop::standing()
            ->with('asset')
            ->whereIn('open_on', $line->assetIds())
            ->orderBy('asset_id')
            ->get();
        if ($open->isEmpty()) {
            throw InvalidInput::because('runs', 'what', "{$line->asset->name} runs already.");
        }
        foreach ($open as $stop) {
            ($this->runs)($by, $stop->asset, $this->after($stop->from_at, $at));
        }

        return $open->first()->id;
    }

    private function why(Actor $by, LineTablet $tablet, Line $line, TabletAct $act): int
    {
        $id = $this->begun($tablet, $act->of);
        $stops = $this->latest($line);
        $stop = ($id === null ? $stops->whereNull('kind') : $stops->whereKey($id))->first()
            ?? throw InvalidInput::because('none', 'what', 'There is no stop that waits for a reason.');

        return ($this->explain)($by, $stop, $act->words, $act->causeId, $act->note)->id;
    }

    private function photo(Actor $by, LineTablet $tablet, Line $line, TabletAct $act): int
    {
        $id = $this->begun($tablet, $act->of);
        $stops = $this->latest($line);
        $stop = ($id === null ? $stops : $stops->whereKey($id))->first()
            ?? throw InvalidInput::because('none', 'what', 'There is no stop that the photo could be of.');
        ($this->photograph)($by, $stop, (string) $act->photo);

        return $stop->id;
    }

    /** The stop that a press before it began; null: it names none. */
    private function begun(LineTablet $tablet, ?string $act): ?int
    {
        return DB::table('tablet_acts')->where('tablet_id', $tablet->id)->where('act', $act)->value('record_id');
    }

    /** @return Builder<Stop> the last to begin first */
    private function latest(Line $line): Builder
    {
        return Stop::standing()
            ->with('asset')
            ->whereIn('asset_id', $line->assetIds())
            ->orderByDesc('from_at');
    }

    private function asset(Line $line, TabletAct $act): Asset
    {
        $asset = $act->assetId === null || $act->assetId === $line->asset_id
            ? $line->asset
            : $line->parts->firstWhere('id', $act->assetId);

        return $asset ?? throw InvalidInput::because(
            'not_of_line',
            'what',
            'This machine does not belong to the line.',
        );
    }
}
