<?php

declare(strict_types=1);

namespace App\Planning\Imports;

use App\People\Models\Team;
use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Projections\AssetNearness;
use App\Planning\Projections\ComingVisits;
use App\Planning\Schedules\ScheduleFields;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\ImportKind;
use App\Platform\Import\InUse;
use App\Platform\Import\Trace;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Planning\Trigger\RuleKind;
use Sundial\Planning\Trigger\WeekdayWords;
use Sundial\Register\RegisterFile;
use Sundial\Support\InvalidInput;

/** Schedules in and out. */
final readonly class ScheduleImport implements ImportKind
{
    public function __construct(
        private SaveSchedule $save,
        private ScheduleCells $cells,
        private AssetNearness $refresh,
        private ComingVisits $coming,
        private Audit $audit,
    ) {
    }

    public function key(): string
    {
        return 'schedules';
    }

    public function title(): string
    {
        return 'Schedules';
    }

    public function about(): string
    {
        return 'A row is one schedule on one asset, known again by the asset’s tag and the schedule’s name. '.
            'Methods, teams and meters have to stand already.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WritePlans;
    }

    public function href(): string
    {
        return '/schedules';
    }

    public function columns(int $siteId): array
    {
        return ScheduleFields::columns(
            array_values(Method::query()->orderBy('code')->pluck('code')->all()),
            array_values(Team::query()->where('site_id', $siteId)->orderBy('name')->pluck('name')->all()),
        );
    }

    public function examples(): array
    {
        return [
            [
                'tag' => 'FP-1',
                'schedule' => 'Seal check',
                'method' => 'M-006',
                'rule' => 'interval',
                'every' => '14',
                'unit' => 'days',
                'first_date' => '2026-04-01',
                'meter' => 'Running hours',
                'every_units' => '250',
                'late' => '50',
                'lead' => '3',
                'lead_unit' => 'days',
                'approved' => 'yes',
            ],
            [
                'tag' => 'FP-1',
                'schedule' => 'Look round',
                'method' => 'M-006',
                'rule' => 'weekdays',
                'every' => '1',
                'weekdays' => 'Mon Thu',
                'first_date' => '2026-04-02',
                'lead' => '1',
                'non_working' => 'forward',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $standing = [];
        foreach ($this->rows($siteId) as [$id, $cells]) {
            $standing[$this->keyOf($cells)] = [
                'id' => $id,
                'cells' => array_diff_key($cells, ['tag' => 1, 'schedule' => 1]),
            ];
        }
        $plan = Plan::compare($sheet->rows, $sheet->problems, $this->keyOf(...), $standing, 'schedule');
        $assets = DB::table('assets')
            ->where('site_id', $siteId)
            ->pluck('tag')
            ->mapWithKeys(static fn (string $tag): array => [RegisterFile::key($tag) => true])
            ->all();
        $problems = [];
        foreach ($plan->rows as $row) {
            $wrong =
                isset($row->cells['tag']) && ! isset($assets[RegisterFile::key($row->cells['tag'])])
                    ? ['tag' => "There is no asset “{$row->cells['tag']}” at this site."]
                    : [];
            $rule = RuleKind::tryFrom($row->cells['rule'] ?? '') ?? RuleKind::Interval;
            foreach ($row->does === RowOutcome::Make ? $rule->needs() : [] as $column) {
                $wrong +=
                    isset($row->cells[$column]) || $sheet->isUnread($row->row, $column)
                        ? []
                        : [$column => "A new schedule by {$rule->words()} needs this."];
            }
            foreach (
                ['weekdays' => WeekdayWords::days(...), 'months' => WeekdayWords::months(...)] as $column => $read
            ) {
                try {
                    $read((string) ($row->cells[$column] ?? ''), $column);
                } catch (InvalidInput $e) {
                    $wrong[$column] = $e->getMessage();
                }
            }
            foreach ($wrong as $column => $message) {
                $problems[] = ['row' => $row->row, 'column' => (string) $column, 'message' => $message];
            }
        }

        return $plan->refusing($problems);
    }

    public function isTried(): bool
    {
        return true;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        $columns = [
            'anchor_on' => 'first_date',
            'usage_every' => 'every_units',
            'usage_last' => 'reading_last',
            'meter_id' => 'meter',
            'gauge_id' => 'gauge',
            'condition_limit' => 'limit',
            'last_done_on' => 'last_done',
        ];
        foreach ($plan->rows as $row) {
            $row->does === RowOutcome::Nothing
                ? null
                : $trace->attempt($row, fn () => $this->loadRow($by, $siteId, $row, $trace), $columns);
        }
    }

    private function loadRow(Actor $by, int $siteId, PlannedRow $row, Trace $trace): void
    {
        $schedule = $row->id === null ? null : Schedule::query()->findOrFail($row->id);
        $before = $schedule === null ? [] : ScheduleCells::of($schedule);
        $asset =
            $schedule !== null
                ? Asset::query()->findOrFail($schedule->asset_id)
                : Asset::query()->where('site_id', $siteId)->where('tag', $row->cells['tag'])->firstOrFail();
        $saved = ($this->save)(
            $by,
            $schedule,
            $asset,
            ScheduleInput::of(
                $this->cells->input($siteId, $asset, $row->cells + $before + ['schedule' => $schedule?->name]),
            ),
            $schedule?->version,
        );
        $schedule === null ? $trace->made('schedule', $saved->id) : $trace->changedBy($row, 'schedule', $saved->id);
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        $made = array_column(array_filter($did, static fn (array $line): bool => $line['did'] === 'made'), 'id');
        $used = InUse::of('schedules', $made, ['coming_visits', 'schedule_standings']);
        if ($used !== []) {
            throw InvalidInput::because(
                'in_use',
                'file',
                'Nothing was taken back, because visits of some schedules were released or skipped by now: '.
                    Schedule::query()->whereKey(array_keys($used))->limit(5)->pluck('name')->implode(', ').
                    '. End those instead.',
            );
        }
        foreach ($did as $line) {
            $schedule = Schedule::query()->find($line['id']);
            if ($schedule === null) {
                continue;
            }
            $asset = Asset::query()->findOrFail($schedule->asset_id);
            if ($line['did'] === 'made') {
                $this->coming->clear($schedule);
                $schedule->standing->delete();
                $schedule->delete();
                ($this->refresh)($asset->id);
                $this->audit->record($by, $asset->subject(), "took schedule {$schedule->name} back");

                continue;
            }
            $now = ScheduleCells::of($schedule);
            $back = Trace::back($line, $now);
            $back === []
                ? null
                : ($this->save)(
                    $by,
                    $schedule,
                    $asset,
                    ScheduleInput::of(
                        $this->cells->input($siteId, $asset, $back + $now + ['schedule' => $schedule->name]),
                    ),
                    $schedule->version,
                );
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach ($this->rows($siteId) as [, $cells]) {
            yield $cells;
        }
    }

    /** @return iterable<array{int, array<string, string|null>}> */
    private function rows(int $siteId): iterable
    {
        foreach (
            Schedule::query()
                ->where('site_id', $siteId)
                ->where('ended', false)
                ->with(['asset:id,tag', 'method:id,code', 'team:id,name', 'meter:id,name', 'gauge:id,name'])
                ->orderBy('asset_id')
                ->orderBy('id')
                ->lazy(500) as $schedule
        ) {
            yield [
                $schedule->id,
                ['tag' => $schedule->asset->tag, 'schedule' => $schedule->name] + ScheduleCells::of($schedule),
            ];
        }
    }

    /** @param  array<string, string|null>  $cells */
    private function keyOf(array $cells): string
    {
        return isset($cells['tag'], $cells['schedule'])
            ? RegisterFile::key($cells['tag']).' '.RegisterFile::key($cells['schedule'])
            : '';
    }
}
