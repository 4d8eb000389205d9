<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\People\Actions\SavePerson;
use App\People\Actions\SaveSite;
use App\People\Actions\SaveTeam;
use App\People\Actions\SaveTrade;
use App\People\Inputs\PersonInput;
use App\People\Inputs\SiteInput;
use App\Planning\Actions\NoteDecision;
use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Projections\AssetNearness;
use App\Planning\Queries\FactsOf;
use App\Planning\Queries\ScheduleDraft;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Meter;
use App\Register\Projections\AreasOfAssets;
use App\Stores\Projections\DaysOfStock;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Meters\CounterReading;
use Sundial\Meters\Totals;
use Sundial\Planning\Schedule\Decision;
use Sundial\Support\Quantity;

/** Fills a database of its own with a plant of any size, by bulk, in the shape that the application's actions leave. */
final class FillPlant extends Command
{
    protected $signature = 'bench:fill {--scale=0.1}';

    protected $description = 'Fills the bench database';

    /** Whom parts are bought from. */
    private const SUPPLIERS = 40;

    private const NAMES = [
        'Loom',
        'Spinning frame',
        'Winder',
        'Warper',
        'Pump',
        'Stenter',
        'Raising machine',
        'Dye vessel',
        'Fan',
        'Hoist',
    ];

    public function handle(Clock $clock): int
    {
        mt_srand(1);
        $scale = (float) $this->option('scale');
        $today = LocalDate::parse($clock->now()->format('Y-m-d'));
        $site = $this->frame();
        $assets = $this->assets($site, max(50, (int) (10000 * $scale)));
        $meters = $this->meters($site, $assets, max(500, (int) (1000000 * $scale)), $today);
        $this->schedules($site, $assets, $meters, max(150, (int) (30000 * $scale)), $today);
        $this->orders($site, $assets, max(1500, (int) (300000 * $scale)), $today);
        $this->stores($site, max(200, (int) (20000 * $scale)), $today);
        $this->laravel->make(FillLines::class)($site, $assets, max(37, (int) (365 * $scale)), $today);
        foreach ($assets as $id) {
            $this->laravel->make(AssetNearness::class)($id);
        }
        DB::update(
            'UPDATE asset_summaries n JOIN (SELECT asset_id, COUNT(*) c FROM work_orders WHERE state IN '.
                "('planned','approved','under way','on hold') GROUP BY asset_id) o ON o.asset_id = n.asset_id SET ".
                'n.open_orders = o.c',
        );
        $this->laravel->make(AreasOfAssets::class)->keep('/');
        DB::update('UPDATE sites SET last_released_on = ?', [(string) $today]);
        DB::statement(
            'ANALYZE TABLE assets, schedules, coming_visits, work_orders, outlook_loads, readings, reading_totals, '.
                'visits, asset_summaries, audit_subjects, order_assets, order_spans, bookings, cost_entries, '.
                'cost_days, cost_place_days, '.
                'parts, stock, stock_moves, stops, stop_days, stop_months, stop_shift_days, shift_reliability, '.
                'shift_records, product_runs',
        );

        return self::SUCCESS;
    }

    /** @return int the id of the first of them */
    private function suppliers(): int
    {
        DB::insert(
            'INSERT INTO suppliers (name) '.
                "SELECT CONCAT('Supplier ', LPAD(seq, 2, '0')) FROM seq_1_to_".self::SUPPLIERS,
        );

        return (int) DB::table('suppliers')->min('id');
    }

    /**
     * Parts with a hundred movements each, one a week and as many on each day, of which every second takes one out;
     * and methods that need two of them.
     */
    private function stores(Site $site, int $many, LocalDate $today): void
    {
        $store = DB::table('stores')->insertGetId(['site_id' => $site->id, 'code' => 'MAIN', 'name' => 'Main store']);
        DB::insert(
            'INSERT INTO parts (number, name, unit, price, currency, lead_days, class, criticality, supplier_id) '.
                "SELECT CONCAT('Q-', seq), CONCAT('Part ', seq), 'pc', 5, 'GBP', 7 + seq % 21, ".
                "CONCAT('Class ', seq % 20), ".
                "IF(seq % 40 = 0, 'A', 'C'), ? + seq % ".self::SUPPLIERS." FROM seq_1_to_{$many}",
            [$this->suppliers()],
        );
        DB::insert(
            'INSERT INTO stock (site_id, store_id, part_id, class, bin, reorder_point, order_quantity, on_hand, '.
                'value_cents, last_price, kept_on, counted_on, moved_on, taken_on, count_due_on) '.
                "SELECT ?, ?, id, class, CONCAT(CHAR(65 + id % 26), '-', id % 99), IF(id % 50 = 0, 60, 10), 20, ".
                '50, 25000, 5, ?, ?, DATE_SUB(?, INTERVAL id % 7 DAY), DATE_SUB(?, INTERVAL id % 700 DAY), '.
                'DATE_ADD(?, INTERVAL id % 365 DAY) FROM parts',
            [$site->id, $store, (string) $today->plusDays(-700), ...array_fill(0, 4, (string) $today)],
        );
        DB::insert(
            'INSERT INTO stock_moves (site_id, stock_id, kind, quantity, value_cents, on_hand_after, '.
                'value_after_cents, moved_on, who, noted_at) SELECT s.site_id, s.id, '.
                'IF(n.seq % 2 = 1, "receipt", "issue"), '.
                'IF(n.seq % 2 = 1, 2, -1), IF(n.seq % 2 = 1, 1000, -500), '.
                'IF(n.seq % 2 = 1, (n.seq + 3) / 2, n.seq / 2), IF(n.seq % 2 = 1, (n.seq + 3) / 2, n.seq / 2) * 500, '.
                'DATE_SUB(?, INTERVAL 700 - n.seq * 7 + s.part_id % 7 DAY), "Sundial", NOW() FROM seq_1_to_100 n '.
                'JOIN stock s ORDER BY n.seq, s.part_id % 7 DESC, s.id',
            [(string) $today],
        );
        $this->laravel->make(DaysOfStock::class)->keep($site->id, $today);
        DB::insert(
            'INSERT INTO method_parts (revision_id, part_id, quantity, level) SELECT r.id, p.id, 1, 1 FROM '.
                'method_revisions r JOIN parts p ON p.id IN (r.id * 2, r.id * 2 + 1)',
        );
    }

    private function frame(): Site
    {
        $by = Actor::sundial();
        $site = $this->laravel->make(SaveSite::class)($by, null, SiteInput::of([
            'code' => 'B',
            'name' => 'Bench works',
            'timezone' => 'Europe/London',
            'currency' => 'GBP',
            'rest_weekdays' => '6,7',
            'release_hour' => 4,
        ]));
        $trades = array_map(fn (string $name): int => $this->laravel->make(SaveTrade::class)($by, null, $name)->id, [
            'fitter',
            'electrician',
            'lubricator',
        ]);
        $team = $this->laravel->make(SaveTeam::class)($by, null, $site->id, 'Fitters');
        $this->laravel->make(SavePerson::class)($by, null, PersonInput::of([
            'login' => 'planner',
            'name' => 'Planner',
            'password' => 'sundial',
            'plant_admin' => true,
            'roles' => [$site->id => ['planner', 'administrator']],
            'teams' => [$team->id],
        ]));
        foreach (self::NAMES as $name) {
            EquipmentClass::query()->create(['name' => mb_strtolower($name)]);
        }
        for ($i = 1; $i <= 40; $i++) {
            $this->laravel->make(SaveMethod::class)($by, null, MethodInput::of([
                'code' => sprintf('B-%03d', $i),
                'name' => self::NAMES[$i % 10]." check {$i}",
                'order_type' => 'preventive',
                'priority' => 'routine',
                'steps' => array_map(
                    static fn (int $n): array => ['text' => "Step {$n}", 'minutes' => 10],
                    range(1, 5),
                ),
                'labour' => [['trade_id' => $trades[$i % 3], 'people' => 1, 'minutes' => 45]],
            ]));
        }
        for ($i = 1; $i <= 25; $i++) {
            $id = DB::table('locations')->insertGetId([
                'site_id' => $site->id,
                'tag' => "H{$i}",
                'name' => "Hall {$i}",
                'path' => '/',
            ]);
            DB::table('locations')
                ->where('id', $id)
                ->update(['path' => "/L{$id}/"]);
        }

        return $site->refresh();
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function bulk(string $table, array $rows): void
    {
        foreach (array_chunk($rows, 800) as $chunk) {
            DB::table($table)->insert($chunk);
        }
    }

    /** @return list<int> */
    private function assets(Site $site, int $count): array
    {
        $halls = DB::table('locations')->pluck('id')->all();
        $classes = DB::table('equipment_classes')->pluck('id')->all();
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $rows[] = [
                'site_id' => $site->id,
                'location_id' => $halls[$i % 25],
                'class_id' => $classes[$i % 10],
                'tag' => sprintf('%s-%05d', mb_strtoupper(mb_substr(self::NAMES[$i % 10], 0, 3)), $i),
                'name' => self::NAMES[$i % 10].' '.intdiv($i, 10),
            ];
        }
        $this->bulk('assets', $rows);
        DB::update(
            "UPDATE assets a JOIN locations l ON l.id = a.location_id SET a.path = CONCAT(l.path, 'A', a.id, '/')",
        );
        DB::update("UPDATE assets SET search = CONCAT_WS(' ', tag, name)");
        $ids = DB::table('assets')->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all();
        $this->bulk(
            'audit_entries',
            array_map(
                static fn (int $id): array => [
                    'at' => '2026-01-01 00:00:00',
                    'who' => 'Sundial',
                    'kind' => 'asset',
                    'subject_id' => $id,
                    'site_id' => $site->id,
                    'did' => 'added it',
                ],
                $ids,
            ),
        );
        DB::insert(
            'INSERT INTO audit_subjects (audit_entry_id, kind, subject_id) SELECT id, kind, subject_id FROM '.
                'audit_entries e WHERE NOT EXISTS (SELECT 1 FROM audit_subjects s WHERE s.audit_entry_id = e.id)',
        );

        return $ids;
    }

    /** @param  list<int>  $assets
     * @return array<int, int> meters by asset */
    private function meters(Site $site, array $assets, int $readings, LocalDate $today): array
    {
        $meters = [];
        $per = max(30, intdiv($readings, max(1, intdiv(count($assets), 10))));
        foreach ($assets as $i => $asset) {
            if ($i % 10 !== 0) {
                continue;
            }
            $meter = Meter::query()->create([
                'site_id' => $site->id,
                'asset_id' => $asset,
                'name' => 'Running hours',
                'unit' => 'h',
                'expected_per_year' => '5000',
            ]);
            $rows = [];
            $standing = [];
            for ($n = 0, $shown = mt_rand(100, 9000); $n < $per; $n++) {
                $day = $today->plusDays(-($per - $n));
                $shown += mt_rand(6, 18);
                $rows[] = [
                    'meter_id' => $meter->id,
                    'at' => "{$day} 06:00:00",
                    'on_day' => (string) $day,
                    'shown' => $shown,
                    'who' => 'Sundial',
                    'taken_at' => "{$day} 06:00:00",
                ];
                $standing[] = CounterReading::of($day->epochDay * 86400 + 21600, $day, $shown * 1000);
            }
            $this->bulk('readings', $rows);
            $meter->stand(Totals::of($meter->counter(), array_slice($standing, -400))->standing($today), $today);
            $last = $standing[count($standing) - 1];
            $meter
                ->fill([
                    'last_at' => gmdate('Y-m-d H:i:s', $last->at),
                    'last_on' => (string) $last->day,
                    'last_shown' => Quantity::plain($last->shown),
                    'last_total' => Quantity::plain($last->shown),
                ])
                ->save();
            $meters[$asset] = $meter->id;
        }
        DB::insert(
            'INSERT INTO reading_totals (reading_id, meter_id, at, on_day, opens_day, total) '.
                'SELECT id, meter_id, at, on_day, 1, shown FROM readings',
        );

        return $meters;
    }

    /** @param  list<int>  $assets
     * @param  array<int, int>  $meters */
    private function schedules(Site $site, array $assets, array $meters, int $count, LocalDate $today): void
    {
        $draft = $this->laravel->make(ScheduleDraft::class);
        $facts = $this->laravel->make(FactsOf::class);
        $note = $this->laravel->make(NoteDecision::class);
        $methods = DB::table('methods')->pluck('name', 'id')->all();
        $ids = array_keys($methods);
        $until = $today->plusDays(6 * 366);
        $coming = [];
        for ($i = 0; $i < $count; $i++) {
            $asset = $assets[$i % count($assets)];
            $method = $ids[$i % 40];
            $every = [14, 28, 30, 60, 90, 91, 180, 365][mt_rand(0, 7)];
            $meter = $meters[$asset] ?? null;
            $schedule = new Schedule(['site_id' => $site->id, 'asset_id' => $asset]);
            $draft->fill(
                $schedule,
                ScheduleInput::of([
                    'name' => $methods[$method],
                    'method_id' => $method,
                    'rule' => 'interval',
                    'every' => $every,
                    'unit' => 'days',
                    'non_working' => 'keep',
                    'late_share' => [0, 50, 100][$i % 3],
                    'early_share' => 0,
                    'lead' => 5,
                    'approve_at_once' => true,
                    'anchor_on' => (string) $today->plusDays(mt_rand(-2, $every)),
                ] +
                    ($meter !== null && $i % 2 === 0
                        ? ['meter_id' => $meter, 'usage_every' => (string) (12 * $every)]
                        : [])),
            );
            $draft->start($schedule);
            $schedule->save();
            $schedule->standing
                ->fill(['schedule_id' => $schedule->id, 'site_id' => $site->id, 'outlook_until' => (string) $until])
                ->save();
            $note(null, $schedule, Decision::Begin);
            foreach ($schedule->agreed()->outlook($schedule->state(), $facts->kept($schedule)) as $visit) {
                $planned = $visit->planned;
                if ($planned->isAfter($until)) {
                    break;
                }
                $coming[] = [
                    'schedule_id' => $schedule->id,
                    'planned_on' => (string) $planned,
                    'site_id' => $site->id,
                    'asset_id' => $asset,
                    'method_id' => $method,
                    'week_on' => (string) $planned->plusDays(1 - $planned->weekday()),
                    'expected' => (int) $visit->expected,
                    'early_on' => $visit->early?->__toString(),
                    'late_on' => $visit->late?->__toString(),
                ];
            }
            if (count($coming) > 4000) {
                $this->bulk('coming_visits', $coming);
                $coming = [];
            }
        }
        $this->bulk('coming_visits', $coming);
        DB::insert(
            'INSERT INTO outlook_loads (site_id, planned_on, method_id, level, visits, expected) SELECT site_id, '.
                'planned_on, method_id, level, COUNT(*), SUM(expected) FROM coming_visits GROUP BY site_id, '.
                'planned_on, method_id, level',
        );
        DB::update(
            'UPDATE schedule_standings n JOIN coming_visits v ON v.schedule_id = n.schedule_id AND '.
                'v.planned_on = n.next_due_on SET n.next_method_id = v.method_id, n.next_level = v.level',
        );
    }

    /** @param  list<int>  $assets */
    private function orders(Site $site, array $assets, int $count, LocalDate $today): void
    {
        $team = DB::table('teams')->value('id');
        $revision = DB::table('method_revisions')->value('id');
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $age = intdiv(($count - $i) * 1500, $count);
            $state =
                $i > $count * 0.985
                    ? ['planned', 'approved', 'under way', 'on hold', 'done'][$i % 5]
                    : ($i % 40 === 0
                        ? 'cancelled'
                        : 'closed');
            $day = $today->plusDays(-$age + ($state === 'closed' || $state === 'cancelled' ? 0 : mt_rand(-10, 30)));
            $rows[] = [
                'site_id' => $site->id,
                'number' => 1001 + $i,
                'title' => self::NAMES[$i % 10].' check '.$i % 40,
                'type' => 'preventive',
                'kind' => 'planned',
                'priority' => 'routine',
                'state' => $state,
                'asset_id' => $assets[$i % count($assets)],
                'revision_id' => $revision,
                'team_id' => $team,
                'due_on' => (string) $day,
                'planned_on' => (string) $day,
                'planned_minutes' => 45,
                'hold_reason' => $state === 'on hold' ? 'parts' : null,
                'finished_at' => in_array($state, ['done', 'closed'], true) ? "{$day} 10:00:00" : null,
                'closed_at' => $state === 'closed' ? "{$day} 14:00:00" : null,
                'created_at' => "{$day} 04:00:00",
                'since_at' => "{$day} 04:00:00",
                'updated_at' => "{$day} 04:00:00",
            ];
            if (count($rows) === 4000) {
                $this->bulk('work_orders', $rows);
                $rows = [];
            }
        }
        $this->bulk('work_orders', $rows);
        DB::table('numbers')->insert(['name' => 'orders', 'next' => 1001 + $count]);
        DB::insert(
            "INSERT INTO order_steps (order_id, position, text, minutes) SELECT o.id, p.n, CONCAT('Step ', p.n), ".
                '10 FROM work_orders o JOIN (SELECT 1 n UNION SELECT 2 UNION SELECT 3 UNION SELECT 4 UNION SELECT '.
                '5) p '.
                "WHERE o.state NOT IN ('closed', 'cancelled') OR o.id % 10 = 0",
        );
        $this->costs();
    }

    /** What stands on each order, since when it stands where it stands, and what was booked on those that are done. */
    private function costs(): void
    {
        $person = (int) DB::table('users')->min('id');
        DB::insert('INSERT INTO order_assets (order_id, asset_id, position) SELECT id, asset_id, 1 FROM work_orders');
        DB::insert(
            'INSERT INTO order_spans (order_id, state, hold_reason, from_at) SELECT id, state, hold_reason, '.
                "created_at FROM work_orders WHERE state NOT IN ('closed', 'cancelled')",
        );
        DB::insert(
            'INSERT INTO order_labour (order_id, trade_id, people, minutes) SELECT o.id, t.id, 1, 45 FROM work_orders '.
                "o JOIN (SELECT MIN(id) id FROM trades) t WHERE o.state NOT IN ('closed', 'cancelled')",
        );
        DB::insert(
            'INSERT INTO bookings (order_id, user_id, worked_on, normal_minutes, rate, cost_cents) SELECT id, ?, '.
                "due_on, 45, 36, 2700 FROM work_orders WHERE state = 'closed'",
            [$person],
        );
        DB::insert(
            'INSERT INTO cost_entries (site_id, order_id, row_id, kind, source_id, spent_on, on_day, cents, seconds, '.
                'type, work, asset_id, path, class_id, cost_centre_id) SELECT o.site_id, o.id, r.id, '.
                "'labour', b.id, 'plan', b.worked_on, b.cost_cents, 60 * b.minutes, o.type, o.kind, a.id, a.path, ".
                'a.class_id, a.cost_centre_id FROM bookings b JOIN work_orders o ON o.id = b.order_id JOIN '.
                'order_assets r ON r.order_id = o.id JOIN assets a ON a.id = r.asset_id',
        );
        $sums = 'SUM(COALESCE(cents, 0)), SUM(cents IS NULL), SUM(seconds) FROM cost_entries GROUP BY site_id, on_day';
        DB::insert(
            'INSERT INTO cost_days (site_id, on_day, kind, class_id, cost_centre_id, type, work, cents, unknown, '.
                "seconds) SELECT site_id, on_day, kind, class_id, cost_centre_id, type, work, {$sums}, kind, ".
                'class_id, cost_centre_id, type, work',
        );
        DB::insert(
            'INSERT INTO cost_place_days (site_id, on_day, kind, top, cents, unknown, seconds) SELECT site_id, '.
                "on_day, kind, SUBSTRING_INDEX(SUBSTRING(path, 2), '/', 1) as top, {$sums}, kind, top",
        );
        DB::update(
            'UPDATE work_orders o JOIN (SELECT order_id, SUM(cents) as cents FROM cost_entries GROUP BY order_id) e '.
                'ON e.order_id = o.id SET o.booked_cents = e.cents',
        );
    }
}
