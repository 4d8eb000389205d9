<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\Platform\Audit\Actor;
use App\Platform\Sites\Site;
use App\Stops\Actions\SaveStopReason;
use App\Stops\Inputs\ReasonInput;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\StopReason;
use App\Stops\Projections\ShiftReliability;
use App\Stops\Projections\StopDays;
use App\Stops\Projections\StopShifts;
use App\Stops\Queries\ShiftFactsOf;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\StopKind;

/** Twenty lines with a stop every four minutes, round the clock in three shifts, each with its output. */
final readonly class FillLines
{
    private const LINES = 20;

    private const A_DAY = 360;

    private const REASONS = [
        ['Jam', StopKind::Failure],
        ['Sensor', StopKind::Failure],
        ['Change of style', StopKind::Changeover],
        ['No yarn', StopKind::Starved],
        ['Next machine full', StopKind::Blocked],
        ['Cleaning', StopKind::Planned],
    ];

    public function __construct(
        private SaveStopReason $reason,
        private StopDays $days,
        private StopShifts $ofShifts,
        private ShiftFactsOf $facts,
        private ShiftReliability $reliability,
    ) {
    }

    /** @param  list<int>  $assets */
    public function __invoke(Site $site, array $assets, int $days, LocalDate $today): void
    {
        foreach (self::REASONS as [$name, $kind]) {
            ($this->reason)(Actor::sundial(), null, new ReasonInput($name, $kind, null, null));
        }
        $product = DB::table('products')->insertGetId([
            'site_id' => $site->id,
            'number' => 'CL-1',
            'name' => 'Cloth',
            'unit' => 'm',
        ]);
        $start = $today->plusDays(-$days);
        foreach (array_slice($assets, 0, self::LINES) as $asset) {
            $line = DB::table('plant_lines')->insertGetId([
                'site_id' => $site->id,
                'asset_id' => $asset,
                'hour_cents' => 6000,
            ]);
            DB::table('line_rates')->insert([
                'line_id' => $line,
                'product_id' => $product,
                'from_on' => (string) $start,
                'ideal_seconds' => 20,
            ]);
            $this->stops($site->id, $asset, $start, $days);
            $this->shifts($site->id, (int) $line, (int) $product, $start, $days);
            $this->days->keep($asset, "{$start} 00:00:00", "{$today} 00:00:00");
            $this->ofShifts->keep($asset, "{$start} 00:00:00", "{$today} 00:00:00");
            $this->reliability((int) $line, $today);
        }
    }

    private function reliability(int $line, LocalDate $today): void
    {
        $now = (int) strtotime("{$today} 00:00:00 UTC");
        $records = ShiftRecord::query()->with(['line.parts', 'runs'])->where('line_id', $line);
        DB::transaction(function () use ($records, $now): void {
            foreach ($records->lazyById(200) as $record) {
                $this->reliability->keep($record, $this->facts->stops($record->line, $record), $now);
            }
        });
    }

    private function stops(int $site, int $asset, LocalDate $start, int $days): void
    {
        $last = self::A_DAY * $days - 1;
        $ids = StopReason::query()->orderBy('id')->pluck('id')->all();
        DB::insert(
            'INSERT INTO stops (site_id, asset_id, from_at, to_at, reason, reason_id, kind, planned, opened_who, '.
                'source) SELECT ?, ?, DATE_ADD(?, INTERVAL n.seq * 240 SECOND), '.
                'DATE_ADD(?, INTERVAL n.seq * 240 + 20 + n.seq % 50 SECOND), r.name, r.id, r.kind, '.
                "r.kind = 'planned stop', 'signals', 'signal' FROM seq_0_to_{$last} n JOIN stop_reasons r ON r.id = ".
                'ELT(1 + (n.seq * 7) % 6, ?, ?, ?, ?, ?, ?)',
            [$site, $asset, (string) $start, (string) $start, ...$ids],
        );
    }

    private function shifts(int $site, int $line, int $product, LocalDate $start, int $days): void
    {
        $last = 3 * $days - 1;
        DB::insert(
            'INSERT INTO shift_records (site_id, line_id, day, shift, from_at, to_at, breaks, planned_s, run_s, '.
                'ideal_s, good_s, wanted_s, counted_at) SELECT ?, ?, DATE_ADD(?, INTERVAL seq DIV 3 DAY), '.
                "ELT(1 + seq % 3, 'night', 'early', 'late'), DATE_ADD(?, INTERVAL seq * 8 HOUR), ".
                "DATE_ADD(?, INTERVAL seq * 8 + 8 HOUR), '[]', 28000, 23000, 21000 + seq % 900, 20000 + seq % 900, ".
                "28000, DATE_ADD(?, INTERVAL seq * 8 + 9 HOUR) FROM seq_0_to_{$last}",
            [$site, $line, ...array_fill(0, 4, (string) $start)],
        );
        DB::insert(
            'INSERT INTO product_runs (record_id, product_id, from_at, to_at, ideal_seconds, total, rejects, '.
                'planned_s, run_s) SELECT id, ?, from_at, to_at, 20, 1050, 20, planned_s, run_s FROM shift_records '.
                'WHERE line_id = ?',
            [$product, $line],
        );
    }
}
