<?php

declare(strict_types=1);

namespace App\Register\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Platform\Sites\Site;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeReading;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Queries\MeterByName;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Support\SundialException;

/** Readings in and out. They are only ever added; what is taken back is struck out. */
final readonly class ReadingImport implements ImportKind
{
    public function __construct(
        private TakeReading $take,
        private StrikeReading $strike,
        private MeterByName $meters,
    ) {
    }

    public function key(): string
    {
        return 'readings';
    }

    public function title(): string
    {
        return 'Readings';
    }

    public function about(): string
    {
        return 'A row is one reading of one meter at a time of the site. The meter may be left out where an asset '.
            'has one. A reading that stands already, of the same meter at the same time, is passed over.';
    }

    public function right(): Right
    {
        return Right::WriteRegister;
    }

    public function href(): string
    {
        return '/meters';
    }

    public function columns(int $siteId): array
    {
        return [
            Column::text('tag', 40)->needed(),
            Column::text('meter', 80),
            Column::of('at', CellKind::Moment)->needed(),
            Column::of('reading', CellKind::Number)->needed(),
            Column::text('note', 250),
        ];
    }

    public function examples(): array
    {
        return [['tag' => 'FP-1', 'meter' => 'Running hours', 'at' => '2026-03-18 07:30', 'reading' => '1204.5']];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $zone = Site::query()->findOrFail($siteId)->zone();
        [$rows, $problems] = [[], $sheet->problems];
        foreach ($sheet->rows as ['row' => $number, 'cells' => $cells]) {
            if (! isset($cells['tag'], $cells['at'], $cells['reading'])) {
                continue;
            }
            try {
                $meter = ($this->meters)($siteId, $cells['tag'], $cells['meter'] ?? '');
                $stands = DB::table('readings')
                    ->where('meter_id', $meter->id)
                    // A file holds the minute of a reading that was taken within it.
                    ->whereBetween('at', $this->minute($cells['at'], $zone))
                    ->where('shown', $cells['reading'])
                    ->whereNotIn('id', DB::table('reading_strikes')->select('reading_id'))
                    ->exists();
                $rows[] = new PlannedRow(
                    $number,
                    $stands ? RowOutcome::Nothing : RowOutcome::Make,
                    "{$cells['tag']} {$meter->name}",
                    $cells,
                    [],
                    $meter->id,
                );
            } catch (SundialException $e) {
                $problems[] = ['row' => $number, 'column' => (string) $e->field(), 'message' => $e->getMessage()];
            }
        }
        usort(
            $rows,
            static fn (PlannedRow $a, PlannedRow $b): int => [$a->cells['at'], $a->row] <=> [
                $b->cells['at'],
                $b->row,
            ],
        );

        return Plan::of($rows, $problems);
    }

    public function isTried(): bool
    {
        return true;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        $zone = Site::query()->findOrFail($siteId)->zone();
        foreach ($plan->that(RowOutcome::Make) as $row) {
            $trace->attempt(
                $row,
                function () use ($by, $row, $zone, $trace): void {
                    $meter = Meter::query()->findOrFail((int) $row->id);
                    [$reading] = ($this->take)(
                        $by,
                        $meter,
                        (string) $row->cells['reading'],
                        new DateTimeImmutable(
                            $this->moment((string) $row->cells['at'], $zone),
                            new DateTimeZone('UTC'),
                        ),
                        note: $row->cells['note'] ?? null,
                        source: 'import',
                    );
                    $trace->made('reading', $reading->id);
                },
                ['turn' => 'reading', 'shown' => 'reading', 'value' => 'reading'],
            );
        }
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        foreach ($did as $line) {
            ($this->strike)(
                $by,
                Reading::query()->findOrFail($line['id']),
                'taken back with the file that it came from',
            );
        }
    }

    public function standing(int $siteId): iterable
    {
        $zone = Site::query()->findOrFail($siteId)->zone();
        $readings = DB::table('readings as r')
            ->join('meters as m', 'm.id', '=', 'r.meter_id')
            ->join('assets as a', 'a.id', '=', 'm.asset_id')
            ->leftJoin('reading_strikes as s', 's.reading_id', '=', 'r.id')
            ->whereNull('s.reading_id')
            ->where('m.site_id', $siteId)
            ->select(['r.id', 'a.tag', 'm.name as meter', 'r.at', 'r.shown as reading', 'r.note']);
        // A piece at a time: there may be a million of them.
        foreach ($readings->lazyById(2000, 'r.id', 'id') as $reading) {
            $at = (new DateTimeImmutable((string) $reading->at, new DateTimeZone('UTC')))
                ->setTimezone($zone)
                ->format('Y-m-d H:i');
            yield [
                'tag' => (string) $reading->tag,
                'meter' => (string) $reading->meter,
                'at' => $at,
                'reading' => (string) $reading->reading,
                'note' => $reading->note,
            ];
        }
    }

    /** @return array{string, string} the first and the last instant of a minute at the site */
    private function minute(string $at, DateTimeZone $zone): array
    {
        $first = $this->moment($at, $zone);

        return [$first, substr($first, 0, 17).'59.999999'];
    }

    /** The instant of a time at the site, as the database keeps it. */
    private function moment(string $at, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable($at, $zone))->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
