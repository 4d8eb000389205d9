<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stops\Inputs\RunTyped;
use App\Stops\Inputs\ShiftTyped;
use App\Stops\Models\LineRate;
use App\Stops\Models\Product;
use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\ShiftSums;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\ProductCount;
use Sundial\Stops\ShiftEntry;
use Sundial\Support\InvalidInput;

/** Enters what a shift made: the runs of its products, rejects by reason, breaks that were worked, its team. */
final readonly class EnterShift
{
    public function __construct(private ShiftSums $sums, private Audit $audit)
    {
    }

    /** Refuses: signed, outside, overlap, no_rate, rejects_above_total, reasons_above. */
    public function __invoke(Actor $by, ShiftRecord $record, ShiftTyped $said, ?int $version): ShiftRecord
    {
        return DB::transaction(function () use ($by, $record, $said, $version): ShiftRecord {
            $record = Versioned::lock($record, $version)->load(['line.asset', 'line.parts', 'runs']);
            if ($record->signed_at !== null) {
                throw InvalidInput::because(
                    'signed',
                    'form',
                    "{$record->signed_who} signed this shift. Take the signature back before it is changed.",
                );
            }
            $spans = [];
            foreach ($said->runs as $run) {
                $spans[$run->field] = $run->span;
            }
            ShiftEntry::checkSpans($record->span(), $spans);
            $before = $record->runs->sum('total');
            $standing = $record->runs->keyBy(static fn (ProductRun $run): int => $run->span()->from);
            $begin = array_map(static fn (RunTyped $run): int => $run->span->from, $said->runs);
            // By where they begin: a collection of models would look for their keys.
            $gone = $standing->toBase()->except($begin);
            $gone->each(static fn (ProductRun $run) => $run->delete());
            $isOther = $gone->isNotEmpty() || $record->counted_at === null;
            foreach ($said->runs as $run) {
                $isOther = $this->keep($record, $run, $standing->get($run->span->from) ?? new ProductRun()) || $isOther;
            }
            $record->fill([
                'team_id' => $said->teamId,
                'remark' => $said->remark,
                'breaks' => array_map(static fn (array $one, int $i): array => [
                    ...$one,
                    'worked' => in_array($i, $said->worked, true),
                ], $record->breaks, array_keys($record->breaks)),
            ]);
            if (! $isOther && ! Versioned::differs($record)) {
                return $record->refresh();
            }
            $record->save();
            $this->sums->entered($record->load('runs'));
            $day = LocalDate::parse($record->day)->inWords();
            $this->audit->record(
                $by,
                $record->subject(),
                "entered the {$record->shift} shift of {$day} on {$record->line->asset->name}",
                ['made' => [$before, $record->runs->sum('total')]],
                null,
                [$record->line->subject(), $record->line->asset->subject()],
            );

            return $record;
        });
    }

    /** Whether something else was made than stood there. */
    private function keep(ShiftRecord $record, RunTyped $run, ProductRun $kept): bool
    {
        ShiftEntry::checkCounts(
            $run->field,
            new ProductCount($run->total, $run->rejectsInAll, $run->reworked),
            ...array_values($run->rejects),
        );
        $isNew = ! $kept->exists;
        $kept->fill([
            'record_id' => $record->id,
            'product_id' => $run->productId,
            ...$isNew || $kept->span()->to !== $run->span->to ? [
                'from_at' => ShiftRecord::at($run->span->from),
                'to_at' => ShiftRecord::at($run->span->to),
            ] : [],
            'ideal_seconds' => $this->ideal($record, $run),
            'total' => $run->total,
            'rejects' => $run->rejectsInAll,
            'reworked' => $run->reworked,
            'source' => $run->source,
        ]);
        $rejects = array_filter($run->rejects);
        ksort($rejects);
        if (! $isNew && ! $kept->isDirty() && $rejects === self::rejectsOf($kept)) {
            return false;
        }
        $kept->save();
        DB::table('run_rejects')->where('run_id', $kept->id)->delete();
        foreach ($rejects as $reason => $pieces) {
            DB::table('run_rejects')->insert(['run_id' => $kept->id, 'reason_id' => $reason, 'pieces' => $pieces]);
        }

        return true;
    }

    /** @return array<int, int> pieces by reason */
    private static function rejectsOf(ProductRun $run): array
    {
        return DB::table('run_rejects')
            ->where('run_id', $run->id)
            ->orderBy('reason_id')
            ->pluck('pieces', 'reason_id')
            ->map(static fn (mixed $pieces): int => (int) $pieces)
            ->all();
    }

    private function ideal(ShiftRecord $record, RunTyped $run): string
    {
        $ideal = LineRate::query()
            ->where('line_id', $record->line_id)
            ->where('product_id', $run->productId)
            ->where('from_on', '<=', $record->day)
            ->orderByDesc('from_on')
            ->value('ideal_seconds');
        if ($ideal === null) {
            $name = Product::query()->whereKey($run->productId)->value('name');
            throw InvalidInput::because(
                'no_rate',
                "{$run->field}.product_id",
                "There is no ideal time of this line for {$name} on that day. Set it in the line's settings.",
                $run->productId,
            );
        }

        return (string) $ideal;
    }
}
